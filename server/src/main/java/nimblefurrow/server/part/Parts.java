package nimblefurrow.server.part;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.Part;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what jobs are split into; once a job is over, its parts are nobody's any more. */
@Service
public class Parts {
  private final JdbcClient jdbc;
  private final Clock clock;

  Parts(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** All of a farm's, in the order in which they were split off. */
  @Transactional(readOnly = true)
  public List<Part> all(UUID farmId) {
    return jdbc.sql(
            "select id, subject, operation, acres from job_part where farm_id = ? order by made_at, id")
        .param(farmId)
        .query(
            (row, n) ->
                new Part(
                    row.getObject(1, UUID.class),
                    new JobId(
                        row.getObject(2, UUID.class),
                        Codes.read(Operation.class, row.getString(3))),
                    Area.ofAcres(row.getDouble(4))))
        .list();
  }

  /** A part that is split off now, as its row keeps it. */
  public StoredPart made(Part part) {
    return new StoredPart(
        part.id(),
        part.of().cover(),
        Codes.kept(part.of().operation()),
        part.area().acres(),
        OffsetDateTime.now(clock));
  }

  /**
   * One part, as its row keeps it.
   *
   * @throws NotOnThisFarm where the farm has none such
   */
  @Transactional(readOnly = true)
  public StoredPart one(UUID farmId, UUID id) {
    return jdbc.sql(
            "select id, subject, operation, acres, made_at from job_part where farm_id = ? and id = ?")
        .params(farmId, id)
        .query(
            (row, n) ->
                new StoredPart(
                    row.getObject(1, UUID.class),
                    row.getObject(2, UUID.class),
                    row.getString(3),
                    row.getDouble(4),
                    row.getObject(5, OffsetDateTime.class)))
        .optional()
        .orElseThrow(() -> new NotOnThisFarm("part of a job"));
  }

  @Transactional
  public void add(UUID farmId, StoredPart part) {
    jdbc.sql(
            "insert into job_part (id, farm_id, subject, operation, acres, made_at) values (?, ?, ?, ?, ?, ?)")
        .params(part.id(), farmId, part.subject(), part.operation(), part.acres(), part.madeAt())
        .update();
  }

  /** Joins a part with the rest of its job again; its place is gone. */
  @Transactional
  public void remove(UUID farmId, UUID id) {
    jdbc.sql("delete from job_part where farm_id = ? and id = ?").params(farmId, id).update();
  }
}
