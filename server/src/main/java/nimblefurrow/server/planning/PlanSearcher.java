package nimblefurrow.server.planning;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.PlannedPlaces;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.Found;
import nimblefurrow.scheduler.search.PlanSearch;
import nimblefurrow.scheduler.search.Watch;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.placement.StoredPlaces;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Searches for a farm's plan, tells how far it is, and puts the plan on the board in the end. */
@Service
class PlanSearcher {
  private static final Logger LOG = LoggerFactory.getLogger(PlanSearcher.class);
  private static final int THREADS = 2;
  private static final long TELL_EVERY = 700_000_000L;

  private final Dispatch dispatch;
  private final Placements placements;
  private final PlanRuns runs;
  private final PlanVersions versions;
  private final TransactionTemplate transaction;
  private final double seconds;
  private final AtomicBoolean stopping = new AtomicBoolean();

  /**
   * @param seconds about what a search takes, see {@link Effort}
   */
  PlanSearcher(
      Dispatch dispatch,
      Placements placements,
      PlanRuns runs,
      PlanVersions versions,
      TransactionTemplate transaction,
      @Value("${furrow.plan-seconds:6}") double seconds) {
    this.dispatch = dispatch;
    this.placements = placements;
    this.runs = runs;
    this.versions = versions;
    this.transaction = transaction;
    this.seconds = seconds;
  }

  /** The application goes down: a search ends at once, and begins again with the next instance. */
  void stop() {
    stopping.set(true);
  }

  /** Does one search from its beginning to its end. */
  void search(UUID runId) {
    if (!runs.begin(runId)) {
      return;
    }
    PlanRuns.Run run = runs.find(runId).orElseThrow();
    try {
      searched(run);
    } catch (NotOnThisFarm | IllegalArgumentException cannot) {
      runs.end(runId, RunState.FAILED, cannot.getMessage());
      LOG.info("no plan: {}", cannot.getMessage());
    }
  }

  private void searched(PlanRuns.Run run) {
    Board board = dispatch.board(run.farmId());
    ScheduleProblem anew = anew(board.problem());
    PlanSearch search =
        new PlanSearch(
            anew.campaign(), anew.days().years(), anew.given(), board.season().day().figures());
    double closing = search.closingFirst().loss();
    Told watch = new Told(run.id(), anew, closing);
    Found found = search.search(new Effort(run.seed(), seconds, THREADS), watch);
    if (stopping.get()) {
      throw new IllegalStateException("stopped in the middle of a search");
    }
    if (!watch.wanted) {
      return;
    }
    PlannedPlaces planned = PlannedPlaces.of(anew, found.plan());
    runs.told(
        run.id(),
        1,
        closing,
        found.loss(),
        anew.fit().memberYears(),
        StoredPlaces.of(planned.pins()));
    transaction.executeWithoutResult(
        status -> {
          if (runs.end(run.id(), RunState.DONE, null)) {
            keep(run.farmId(), planned, found.loss());
          }
        });
  }

  private void keep(UUID farmId, PlannedPlaces planned, double loss) {
    List<Pin> now = placements.all(farmId);
    List<Pin> pins =
        planned.pins().stream()
            .filter(p -> now.stream().noneMatch(n -> n.locked() && n.jobId().equals(p.jobId())))
            .toList();
    placements.change(farmId, "plan it", pins, planned.left());
    versions.keep(farmId, VersionKind.PLANNED, loss);
  }

  /** The same jobs with the places of locked ones alone. */
  private static ScheduleProblem anew(ScheduleProblem problem) {
    return problem.pinned(problem.pins().stream().filter(Pin::locked).toList());
  }

  /** Tells how far the search is, now and then, and hears whether it is still wanted. */
  private final class Told implements Watch {
    private final UUID run;
    private final ScheduleProblem problem;
    private final double closing;
    private long last = System.nanoTime();
    private volatile boolean wanted = true;

    Told(UUID run, ScheduleProblem problem, double closing) {
      this.run = run;
      this.problem = problem;
      this.closing = closing;
    }

    @Override
    public boolean over() {
      return !wanted || stopping.get();
    }

    @Override
    public void told(double part, Supplier<Found> best) {
      if (System.nanoTime() - last < TELL_EVERY) {
        return;
      }
      Found found = best.get();
      StoredPlaces soFar = StoredPlaces.of(PlannedPlaces.of(problem, found.plan()).pins());
      wanted = runs.told(run, part, closing, found.loss(), problem.fit().memberYears(), soFar);
      last = System.nanoTime();
    }
  }
}
