package nimblefurrow.server.planning;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Pin;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.placement.StoredPlaces;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.StoredJson;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans as they once stood, so that they can be compared with today's and brought back. */
@Service
class PlanVersions {
  /**
   * A kept plan.
   *
   * @param on the farm's day on which it was kept
   * @param jobs how many jobs have a place in it
   */
  record Version(
      UUID id, OffsetDateTime at, LocalDate on, VersionKind how, @Maybe Long dollars, int jobs) {}

  private static final int KEPT = 200;

  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Placements placements;
  private final Farms farms;
  private final Clock clock;

  PlanVersions(JdbcClient jdbc, StoredJson json, Placements placements, Farms farms, Clock clock) {
    this.jdbc = jdbc;
    this.json = json;
    this.placements = placements;
    this.farms = farms;
    this.clock = clock;
  }

  /**
   * Keeps the places of all jobs as they are now.
   *
   * @param loss dollars a year that the plan loses; null where it was not counted
   */
  @Transactional
  void keep(UUID farmId, VersionKind how, Double loss) {
    StoredPlaces places = StoredPlaces.of(placements.all(farmId));
    jdbc.sql(
            "insert into plan_version (id, farm_id, kept_at, kept_on, how, loss, places)"
                + " values (?, ?, ?, ?, ?, ?, ?::jsonb)")
        .params(
            UUID.randomUUID(),
            farmId,
            OffsetDateTime.now(clock),
            farms.today(farms.view(farmId)),
            how.code(),
            loss,
            json.write(places))
        .update();
    jdbc.sql(
            "delete from plan_version where farm_id = ? and id not in (select id from plan_version"
                + " where farm_id = ? order by kept_at desc limit ?)")
        .params(farmId, farmId, KEPT)
        .update();
  }

  /** A farm's kept plans, the newest first. */
  @Transactional(readOnly = true)
  List<Version> all(UUID farmId) {
    return jdbc.sql(
            "select id, kept_at, kept_on, how, loss, jsonb_array_length(places -> 'places') jobs"
                + " from plan_version where farm_id = ? order by kept_at desc")
        .param(farmId)
        .query((row, n) -> version(row))
        .list();
  }

  /** The places of a kept plan. */
  @Transactional(readOnly = true)
  List<Pin> places(UUID farmId, UUID id) {
    return jdbc.sql("select places::text from plan_version where farm_id = ? and id = ?")
        .params(farmId, id)
        .query(String.class)
        .optional()
        .map(kept -> json.read(kept, StoredPlaces.class).pins())
        .orElseThrow(() -> new NotOnThisFarm("kept plan"));
  }

  private static Version version(ResultSet row) throws SQLException {
    return new Version(
        row.getObject("id", UUID.class),
        row.getObject("kept_at", OffsetDateTime.class),
        row.getObject("kept_on", LocalDate.class),
        Codes.read(VersionKind.class, row.getString("how")),
        Optional.ofNullable(row.getObject("loss", Double.class)).map(Math::round).orElse(null),
        row.getInt("jobs"));
  }
}
