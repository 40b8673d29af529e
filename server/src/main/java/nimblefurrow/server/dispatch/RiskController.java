package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.PlanRisk;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What may not be done in time of all that is placed. */
@RestController
@RequestMapping("/api/v1/dispatch/risk")
class RiskController {
  /**
   * How a job fares in years that it was not planned on.
   *
   * @param chance % of being done in its window
   * @param early the last day of its work in one year of ten, {@code late} in nine of ten
   */
  record JobRiskView(
      JobId id,
      String field,
      String words,
      int chance,
      @Maybe LocalDate early,
      @Maybe LocalDate middle,
      @Maybe LocalDate late) {}

  /**
   * @param dollars lost in the mean of the years, {@code badYear} in one of ten
   * @param few the jobs that are the likeliest not to be done in their windows
   */
  record RiskView(
      long dollars, long badYear, double acresAtRisk, List<JobRiskView> jobs, List<JobId> few) {}

  private static final int BYTES_A_JOB = 300;

  private final Dispatch dispatch;
  private final Questions questions;
  private final Unchanged unchanged;
  private final CurrentFarm current;

  RiskController(Dispatch dispatch, Questions questions, Unchanged unchanged, CurrentFarm current) {
    this.unchanged = unchanged;
    this.questions = questions;
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping
  RiskView risk() {
    return unchanged.of(
        current.id(),
        "risk",
        view -> BYTES_A_JOB * (1 + view.jobs().size()),
        farm -> risk(dispatch.board(farm.id())));
  }

  private RiskView risk(Board board) {
    PlanRisk risk = questions.risk(board);
    Map<JobId, Job> jobs = board.problem().campaign().byId();
    return new RiskView(
        Math.round(risk.loss().mean().value()),
        Math.round(risk.loss().badYear().value()),
        risk.atRisk().acres(),
        risk.jobs().stream().map(j -> risk(j, jobs.get(j.job()))).toList(),
        risk.under(Share.of(board.season().day().figures().of(PlanRisk.SURE))).stream()
            .map(PlanRisk.JobRisk::job)
            .toList());
  }

  private static JobRiskView risk(PlanRisk.JobRisk risk, Job job) {
    return new JobRiskView(
        risk.job(),
        job.field(),
        job.words(),
        (int) Math.round(risk.inWindow().percent()),
        risk.early().orElse(null),
        risk.middle().orElse(null),
        risk.late().orElse(null));
  }
}
