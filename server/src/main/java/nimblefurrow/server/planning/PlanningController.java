package nimblefurrow.server.planning;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A plan searched for behind the scenes: asked for, looked at while it grows, called off. */
@RestController
@RequestMapping("/api/v1/dispatch/plan")
class PlanningController {
  /**
   * A farm's last search for a plan.
   *
   * @param state absent where none was ever asked for
   * @param percent of it that is done
   * @param byClosing dollars a year that are lost where what closes first goes first
   * @param dollars the same of the best plan so far
   * @param again whether it had to begin again, since the instance that searched was lost
   * @param soFar where the best plan so far puts the jobs
   */
  record PlanRunView(
      @Maybe RunState state,
      int percent,
      @Maybe Long byClosing,
      @Maybe Long dollars,
      int years,
      boolean again,
      List<SoFarView> soFar,
      @Maybe String says) {
    static PlanRunView of(Optional<PlanRuns.Run> run) {
      return run.map(PlanRunView::of)
          .orElse(new PlanRunView(null, 0, null, null, 0, false, List.of(), null));
    }

    private static PlanRunView of(PlanRuns.Run run) {
      return new PlanRunView(
          run.state(),
          (int) Math.floor(100 * run.part()),
          run.byClosing().map(Math::round).orElse(null),
          run.loss().map(Math::round).orElse(null),
          run.years(),
          run.begun() > 1,
          run.state().open() ? run.soFar().pins().stream().map(SoFarView::of).toList() : List.of(),
          run.said().orElse(null));
    }
  }

  /** Where the best plan so far puts a job. */
  record SoFarView(JobId job, UUID machineId, LocalDate day) {
    static SoFarView of(nimblefurrow.core.board.Pin pin) {
      return new SoFarView(pin.jobId(), UUID.fromString(pin.machineId()), pin.start());
    }
  }

  private static final long SEED = 1;

  private final PlanRuns runs;
  private final SchedulerClient work;
  private final OneTimeTask<Void> planRun;
  private final CurrentFarm current;

  PlanningController(
      PlanRuns runs, SchedulerClient work, OneTimeTask<Void> planRun, CurrentFarm current) {
    this.runs = runs;
    this.work = work;
    this.planRun = planRun;
    this.current = current;
  }

  /** How the last search stands. */
  @GetMapping
  PlanRunView run() {
    return PlanRunView.of(runs.last(current.id()));
  }

  /** Asks for a search; one that is under way already is answered instead. */
  @PostMapping
  PlanRunView plan() {
    runs.ask(current.id(), SEED)
        .ifPresent(id -> work.schedule(planRun.instance(id.toString()), Instant.now()));
    return run();
  }

  /** Calls the search off; what has a place keeps it. */
  @DeleteMapping
  PlanRunView cancel() {
    runs.last(current.id()).ifPresent(run -> runs.end(run.id(), RunState.CANCELLED, null));
    return run();
  }
}
