package nimblefurrow.server.otherwork;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.PlainText;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the farm's other work; what is done is kept with its day. */
@Service
public class OtherWorks {
  /**
   * One piece of it as it is kept.
   *
   * @param fieldId where it is done; null: on no field, in any weather that suits its machine
   * @param machineId null: the machine was taken off the farm
   * @param acres or {@code hours}, one of the two
   * @param cost dollars in all when it is never done; null: what the farm's figures say
   * @param waitsFor the job that it comes after, {@code before} the one that comes after it
   * @param doneOn null while it is to do
   */
  public record WrittenWork(
      UUID id,
      String what,
      @Maybe UUID fieldId,
      @Maybe UUID machineId,
      @Maybe Double acres,
      @Maybe Double hours,
      LocalDate first,
      LocalDate last,
      @Maybe Double cost,
      @Maybe JobId waitsFor,
      @Maybe JobId before,
      @Maybe LocalDate doneOn) {}

  private static final int MOST = 300;

  private final JdbcClient jdbc;

  OtherWorks(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** All of a farm's, what is to do before what is done, the earliest first. */
  @Transactional(readOnly = true)
  public List<WrittenWork> all(UUID farmId) {
    return jdbc.sql(
            "select id, what, field_id, machine_id, acres, hours, first, last, cost, waits_for, waits_for_operation,"
                + " before, before_operation, done_on from other_work where farm_id = ?"
                + " order by done_on is not null, done_on desc, last, id")
        .param(farmId)
        .query((row, n) -> kept(row))
        .list();
  }

  /**
   * Keeps a piece of work; one of its name is changed.
   *
   * @throws OutOfRange where there are too many
   * @throws NotOnThisFarm where the field or the machine is not the farm's
   */
  @Transactional
  public void keep(UUID farmId, WrittenWork work) {
    PlainText.checked("what", work.what());
    long others =
        all(farmId).stream().filter(w -> w.doneOn() == null && !w.id().equals(work.id())).count();
    if (others >= MOST) {
      throw new OutOfRange("other work", "at most %d pieces of work can be to do".formatted(MOST));
    }
    int rows =
        jdbc.sql(
                """
                insert into other_work (id, farm_id, what, field_id, machine_id, acres, hours, first, last, cost,
                  waits_for, waits_for_operation, before, before_operation)
                select :id, f.id, :what, :field::uuid, :machine, :acres::float8, :hours::float8, :first, :last,
                  :cost::float8, :after::uuid, :afterStep, :before::uuid, :beforeStep from farm f where f.id = :farm
                  and exists (select 1 from machine m where m.id = :machine and m.farm_id = f.id and not m.retired)
                  and (:field::uuid is null or exists (select 1 from field l where l.id = :field::uuid and l.farm_id = f.id))
                on conflict (id) do update set what = excluded.what, field_id = excluded.field_id,
                  machine_id = excluded.machine_id, acres = excluded.acres, hours = excluded.hours,
                  first = excluded.first, last = excluded.last, cost = excluded.cost, waits_for = excluded.waits_for,
                  waits_for_operation = excluded.waits_for_operation, before = excluded.before,
                  before_operation = excluded.before_operation where other_work.farm_id = excluded.farm_id
                """)
            .param("id", work.id())
            .param("farm", farmId)
            .param("what", work.what().strip())
            .param("field", work.fieldId())
            .param("machine", work.machineId())
            .param("acres", work.acres())
            .param("hours", work.hours())
            .param("first", work.first())
            .param("last", work.last())
            .param("cost", work.cost())
            .param("after", work.waitsFor() == null ? null : work.waitsFor().cover())
            .param("afterStep", step(work.waitsFor()))
            .param("before", work.before() == null ? null : work.before().cover())
            .param("beforeStep", step(work.before()))
            .update();
    if (rows == 0) {
      throw new NotOnThisFarm("machine or field");
    }
  }

  /** Notes the day on which it was done, or that it is to do after all. */
  @Transactional
  public void done(UUID farmId, UUID id, LocalDate day) {
    one(
        jdbc.sql("update other_work set done_on = ? where farm_id = ? and id = ?")
            .params(day, farmId, id)
            .update());
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    one(
        jdbc.sql("delete from other_work where farm_id = ? and id = ?")
            .params(farmId, id)
            .update());
  }

  private static void one(int rows) {
    if (rows == 0) {
      throw new NotOnThisFarm("piece of work");
    }
  }

  private static String step(JobId job) {
    return job == null ? null : Codes.kept(job.operation());
  }

  private static WrittenWork kept(ResultSet row) throws SQLException {
    return new WrittenWork(
        row.getObject("id", UUID.class),
        row.getString("what"),
        row.getObject("field_id", UUID.class),
        row.getObject("machine_id", UUID.class),
        row.getObject("acres", Double.class),
        row.getObject("hours", Double.class),
        row.getObject("first", LocalDate.class),
        row.getObject("last", LocalDate.class),
        row.getObject("cost", Double.class),
        job(row.getObject("waits_for", UUID.class), row.getString("waits_for_operation")),
        job(row.getObject("before", UUID.class), row.getString("before_operation")),
        row.getObject("done_on", LocalDate.class));
  }

  private static JobId job(UUID subject, String operation) {
    return subject == null ? null : new JobId(subject, Codes.read(Operation.class, operation));
  }
}
