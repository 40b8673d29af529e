package nimblefurrow.server.planning;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.Stored;
import nimblefurrow.server.platform.codes.StoredJson;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What would help most, as rows: one a farm, asked for, how far, what was found. It is kept with
 * how the farm stood, so that it is told only as long as nothing has changed.
 */
@Service
class HelpRuns {
  /**
   * A help as its row keeps it: names and numbers, nothing that another version would read anew.
   */
  record StoredHelp(
      String what,
      String machine,
      List<String> fields,
      String words,
      double by,
      LocalDate from,
      LocalDate to,
      long gain,
      int chance,
      double atRisk)
      implements Stored {}

  /**
   * One asking.
   *
   * @param stands how the farm stood when it was asked
   * @param part of it that is done, 0–1
   */
  record Run(
      UUID id,
      UUID farmId,
      String stands,
      RunState state,
      double part,
      List<StoredHelp> helps,
      Optional<String> said) {}

  private static final String COLUMNS = "id, farm_id, stands, state, part, helps::text, said";

  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Clock clock;

  HelpRuns(JdbcClient jdbc, StoredJson json, Clock clock) {
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
  }

  /** A new asking, in the place of the one before; empty where one is under way. */
  @Transactional
  Optional<UUID> ask(UUID farmId, String stands) {
    UUID id = UUID.randomUUID();
    int rows =
        jdbc.sql(
                "insert into help_run (farm_id, id, asked_at, stands, state) values (?, ?, ?, ?, ?)"
                    + " on conflict (farm_id) do update set id = excluded.id, asked_at = excluded.asked_at,"
                    + " stands = excluded.stands, state = excluded.state, part = 0, helps = '[]', said = null"
                    + " where help_run.state not in (?, ?)")
            .params(
                farmId,
                id,
                OffsetDateTime.now(clock),
                stands,
                RunState.WAITING.code(),
                RunState.WAITING.code(),
                RunState.SEARCHING.code())
            .update();
    return rows == 1 ? Optional.of(id) : Optional.empty();
  }

  /** A farm's last asking. */
  @Transactional(readOnly = true)
  Optional<Run> last(UUID farmId) {
    return jdbc.sql("select " + COLUMNS + " from help_run where farm_id = ?")
        .param(farmId)
        .query((row, n) -> run(row))
        .optional();
  }

  /** Takes an asking up; empty where it was called off before. */
  @Transactional
  Optional<Run> begin(UUID id) {
    return jdbc.sql(
            "update help_run set state = ?, part = 0 where id = ? and state in (?, ?) returning "
                + COLUMNS)
        .params(RunState.SEARCHING.code(), id, RunState.WAITING.code(), RunState.SEARCHING.code())
        .query((row, n) -> run(row))
        .optional();
  }

  /**
   * Tells how far it is.
   *
   * @return whether anybody still waits for it
   */
  @Transactional(propagation = Propagation.REQUIRES_NEW)
  boolean told(UUID id, double part) {
    return jdbc.sql("update help_run set part = ? where id = ? and state = ?")
            .params(part, id, RunState.SEARCHING.code())
            .update()
        == 1;
  }

  /** Ends one that is under way with what was found. */
  @Transactional
  void done(UUID id, List<StoredHelp> helps) {
    jdbc.sql("update help_run set state = ?, part = 1, helps = ?::jsonb where id = ? and state = ?")
        .params(RunState.DONE.code(), json.write(helps), id, RunState.SEARCHING.code())
        .update();
  }

  /** Ends one that is under way without an answer. */
  @Transactional
  void end(UUID id, RunState how, String said) {
    jdbc.sql("update help_run set state = ?, said = ? where id = ? and state in (?, ?)")
        .params(how.code(), said, id, RunState.WAITING.code(), RunState.SEARCHING.code())
        .update();
  }

  private Run run(ResultSet row) throws SQLException {
    return new Run(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        row.getString(3),
        Codes.read(RunState.class, row.getString(4)),
        row.getDouble(5),
        json.all(row.getString(6), StoredHelp.class),
        Optional.ofNullable(row.getString(7)));
  }
}
