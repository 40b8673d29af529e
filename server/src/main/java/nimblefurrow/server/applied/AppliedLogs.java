package nimblefurrow.server.applied;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the points of a sown entry. */
@Service
public class AppliedLogs {
  /** Points with where they came from. */
  public record Log(String source, List<AppliedPoint> points) {}

  private final JdbcClient database;
  private final Journal journal;

  AppliedLogs(JdbcClient database, Journal journal) {
    this.database = database;
    this.journal = journal;
  }

  /** Keeps points with an entry of the farm; earlier ones of that entry give way. */
  @Transactional
  public void keep(UUID farm, UUID entry, String source, List<AppliedPoint> points) {
    journal.one(farm, entry);
    database
        .sql(
            "insert into applied_log (entry_id, farm_id, source, points) values (?, ?, ?, ?) "
                + "on conflict (entry_id) do update set source = excluded.source, points = "
                + "excluded.points")
        .params(entry, farm, source, AppliedCsv.write(points))
        .update();
  }

  /** Lets an entry that stands in another's place have its points too; none where it has none. */
  @Transactional
  public void carry(UUID farm, UUID from, UUID to) {
    database
        .sql(
            "insert into applied_log (entry_id, farm_id, source, points) "
                + "select ?, farm_id, source, points from applied_log "
                + "where farm_id = ? and entry_id = ?")
        .params(to, farm, from)
        .update();
  }

  @Transactional(readOnly = true)
  public Log of(UUID farm, UUID entry) {
    return database
        .sql("select source, points from applied_log where farm_id = ? and entry_id = ?")
        .params(farm, entry)
        .query((row, n) -> new Log(row.getString(1), AppliedCsv.read(row.getString(2))))
        .optional()
        .orElseThrow(() -> new NotOnThisFarm("map of what was sown"));
  }

  /** The entries of a farm that have points. */
  @Transactional(readOnly = true)
  public Set<UUID> entries(UUID farm) {
    return new HashSet<>(
        database
            .sql("select entry_id from applied_log where farm_id = ?")
            .param(farm)
            .query(UUID.class)
            .list());
  }
}
