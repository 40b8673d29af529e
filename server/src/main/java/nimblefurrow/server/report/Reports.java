package nimblefurrow.server.report;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.job.Doing;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.Report;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is said from the field. Nothing that was said is changed; something later may be. */
@Service
public class Reports {
  /**
   * One report as it is kept.
   *
   * @param pounds of seed or product used so far; empty: not said
   * @param words in the person's own words; empty: none
   * @param photo whether there is a picture
   */
  public record Said(
      UUID id,
      Report report,
      Optional<Double> pounds,
      Optional<String> words,
      boolean photo,
      OffsetDateTime at) {}

  /** What a job keeps of the farm's own people, and of a hired crew: neither takes the other's. */
  private static final int MOST = 100;

  private static final int MOST_OF_CREWS = 40;
  private static final Duration REMEMBERED = Duration.ofDays(500);

  private final JdbcClient jdbc;
  private final Clock clock;

  Reports(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** What was said on a farm since the season before, in the order in which it was said. */
  @Transactional(readOnly = true)
  public List<Said> all(UUID farmId) {
    return jdbc.sql(
            "select id, link_id, operation, kind, by_name, machine_id, day, acres, pounds, words,"
                + " jpeg is not null, said_at from work_report where farm_id = ? and said_at > ? order by said_at, id")
        .params(farmId, OffsetDateTime.now(clock).minus(REMEMBERED))
        .query((row, n) -> said(row))
        .list();
  }

  /** How the jobs stand by what was said. */
  public static Map<JobId, Doing> doing(List<Said> said, Map<JobId, String> machines) {
    return Doing.of(said.stream().map(Said::report).toList(), machines);
  }

  /**
   * Keeps a report; sent twice it is kept once.
   *
   * @param crew whether a hired crew says it, by its private word
   * @throws OutOfRange where there are too many, or another report bears this name
   */
  @Transactional
  public void add(UUID farmId, UUID id, Report report, Double pounds, String words, boolean crew) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(?, 0))")
        .param("reports of " + report.job().cover())
        .query((row, n) -> true)
        .single();
    int kept =
        jdbc.sql(
                "select count(*) from work_report where farm_id = ? and link_id = ? and operation = ?"
                    + " and crew = ? and id <> ?")
            .params(farmId, report.job().cover(), Codes.kept(report.job().operation()), crew, id)
            .query(Integer.class)
            .single();
    int most = crew ? MOST_OF_CREWS : MOST;
    if (kept >= most) {
      throw new OutOfRange("reports", "a job keeps at most %d reports".formatted(most));
    }
    jdbc.sql(
            "insert into work_report (id, farm_id, link_id, operation, kind, by_name, machine_id,"
                + " day, acres, pounds, words, said_at, crew) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"
                + " on conflict (id) do nothing")
        .params(
            id,
            farmId,
            report.job().cover(),
            Codes.kept(report.job().operation()),
            Codes.kept(report.kind()),
            report.by(),
            UUID.fromString(report.machineId()),
            report.day(),
            report.acres().orElse(null),
            pounds,
            words == null || words.isBlank() ? null : words.strip(),
            OffsetDateTime.now(clock),
            crew)
        .update();
    if (count(farmId, id) == 0) {
      throw new OutOfRange("report", "another report bears this name: say it anew");
    }
  }

  /**
   * Refuses what is no report of the farm.
   *
   * @throws NotOnThisFarm where there is no such report
   */
  @Transactional(readOnly = true)
  public void must(UUID farmId, UUID id) {
    if (count(farmId, id) == 0) {
      throw new NotOnThisFarm("report");
    }
  }

  /** Adds the picture of a report, drawn anew; a second one takes the place of the first. */
  @Transactional
  public void picture(UUID farmId, UUID id, byte[] jpeg) {
    if (jdbc.sql("update work_report set jpeg = ? where farm_id = ? and id = ?")
            .params(jpeg, farmId, id)
            .update()
        == 0) {
      throw new NotOnThisFarm("report");
    }
  }

  @Transactional(readOnly = true)
  public byte[] picture(UUID farmId, UUID id) {
    return jdbc.sql(
            "select jpeg from work_report where farm_id = ? and id = ? and jpeg is not null")
        .params(farmId, id)
        .query((row, n) -> row.getBytes(1))
        .optional()
        .orElseThrow(() -> new NotOnThisFarm("picture"));
  }

  private int count(UUID farmId, UUID id) {
    return jdbc.sql("select count(*) from work_report where farm_id = ? and id = ?")
        .params(farmId, id)
        .query(Integer.class)
        .single();
  }

  private static Said said(ResultSet row) throws SQLException {
    double pounds = row.getDouble("pounds");
    boolean weighed = !row.wasNull();
    double acres = row.getDouble("acres");
    boolean counted = !row.wasNull();
    return new Said(
        row.getObject("id", UUID.class),
        new Report(
            new JobId(
                row.getObject("link_id", UUID.class),
                Codes.read(Operation.class, row.getString("operation"))),
            Codes.read(ReportKind.class, row.getString("kind")),
            row.getString("by_name"),
            row.getObject("day", LocalDate.class),
            row.getString("machine_id"),
            counted ? Optional.of(acres) : Optional.empty()),
        weighed ? Optional.of(pounds) : Optional.empty(),
        Optional.ofNullable(row.getString("words")),
        row.getBoolean(11),
        row.getObject("said_at", OffsetDateTime.class));
  }
}
