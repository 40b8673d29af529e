package nimblefurrow.server.planning;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.placement.StoredPlaces;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.StoredJson;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Searches for plans, as rows: asked for, how far, the best so far, how they ended. */
@Service
class PlanRuns {
  /**
   * One search.
   *
   * @param begun how often it was begun: more than once where an instance that searched was lost
   * @param part of it that is done, 0–1
   * @param byClosing dollars a year that what closes first loses; empty before it is known
   * @param loss the same of the best so far
   * @param soFar places of the best so far
   */
  record Run(
      UUID id,
      UUID farmId,
      long seed,
      RunState state,
      int begun,
      double part,
      Optional<Double> byClosing,
      Optional<Double> loss,
      int years,
      StoredPlaces soFar,
      Optional<String> said) {}

  private static final String COLUMNS =
      "id, farm_id, seed, state, begun, part, by_closing, loss, years, so_far::text, said";

  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Clock clock;

  PlanRuns(JdbcClient jdbc, StoredJson json, Clock clock) {
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
  }

  /** The search that is under way, or else a new one; whether it is new tells the second. */
  @Transactional
  Optional<UUID> ask(UUID farmId, long seed) {
    UUID id = UUID.randomUUID();
    int rows =
        jdbc.sql(
                "insert into plan_run (id, farm_id, asked_at, seed, state) values (?, ?, ?, ?, ?)"
                    + " on conflict (farm_id) where state in ('waiting', 'searching') do nothing")
            .params(id, farmId, OffsetDateTime.now(clock), seed, RunState.WAITING.code())
            .update();
    return rows == 1 ? Optional.of(id) : Optional.empty();
  }

  /** A farm's last search. */
  @Transactional(readOnly = true)
  Optional<Run> last(UUID farmId) {
    return jdbc.sql(
            "select " + COLUMNS + " from plan_run where farm_id = ? order by asked_at desc limit 1")
        .param(farmId)
        .query((row, n) -> run(row))
        .optional();
  }

  @Transactional(readOnly = true)
  Optional<Run> find(UUID id) {
    return jdbc.sql("select " + COLUMNS + " from plan_run where id = ?")
        .param(id)
        .query((row, n) -> run(row))
        .optional();
  }

  /** Takes a search up; nothing where it was cancelled before. */
  @Transactional
  boolean begin(UUID id) {
    return jdbc.sql(
                "update plan_run set state = ?, begun = begun + 1, part = 0 where id = ? and state in (?, ?)")
            .params(
                RunState.SEARCHING.code(), id, RunState.WAITING.code(), RunState.SEARCHING.code())
            .update()
        == 1;
  }

  /**
   * Tells how far a search is.
   *
   * @return whether anybody still waits for it
   */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  boolean told(UUID id, double part, double byClosing, double loss, int years, StoredPlaces soFar) {
    return jdbc.sql(
                "update plan_run set part = ?, by_closing = ?, loss = ?, years = ?, so_far = ?::jsonb"
                    + " where id = ? and state = ?")
            .params(part, byClosing, loss, years, json.write(soFar), id, RunState.SEARCHING.code())
            .update()
        == 1;
  }

  /**
   * Ends a search that is under way.
   *
   * @return whether it was
   */
  @Transactional
  boolean end(UUID id, RunState how, String said) {
    return jdbc.sql("update plan_run set state = ?, said = ? where id = ? and state in (?, ?)")
            .params(how.code(), said, id, RunState.WAITING.code(), RunState.SEARCHING.code())
            .update()
        == 1;
  }

  private Run run(ResultSet row) throws SQLException {
    String soFar = row.getString("so_far");
    return new Run(
        row.getObject("id", UUID.class),
        row.getObject("farm_id", UUID.class),
        row.getLong("seed"),
        Codes.read(RunState.class, row.getString("state")),
        row.getInt("begun"),
        row.getDouble("part"),
        Optional.ofNullable(row.getObject("by_closing", Double.class)),
        Optional.ofNullable(row.getObject("loss", Double.class)),
        row.getInt("years"),
        soFar == null ? new StoredPlaces(List.of()) : json.read(soFar, StoredPlaces.class),
        Optional.ofNullable(row.getString("said")));
  }
}
