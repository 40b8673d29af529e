package nimblefurrow.server.planning;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import nimblefurrow.core.board.HelpSizes;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.scheduler.help.Help;
import nimblefurrow.scheduler.help.HelpWatch;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.dispatch.Questions;
import nimblefurrow.server.planning.HelpRuns.StoredHelp;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import org.springframework.stereotype.Service;

/** Tries what would help a farm most, and tells how far it is. */
@Service
class HelpSearcher {
  private final Dispatch dispatch;
  private final Questions questions;
  private final HelpRuns runs;
  private final AtomicBoolean stopping = new AtomicBoolean();

  HelpSearcher(Dispatch dispatch, Questions questions, HelpRuns runs) {
    this.dispatch = dispatch;
    this.questions = questions;
    this.runs = runs;
  }

  /** The application goes down: it ends at once, and begins again with the next instance. */
  void stop() {
    stopping.set(true);
  }

  /** Does one asking from its beginning to its end. */
  void search(UUID runId) {
    runs.begin(runId).ifPresent(this::tried);
  }

  private void tried(HelpRuns.Run run) {
    try {
      Board board = dispatch.board(run.farmId());
      HelpSizes sizes = HelpSizes.of(board.season().day().figures());
      Told watch = new Told(run.id());
      List<Help> helps = questions.helps(board, watch);
      if (stopping.get()) {
        throw new IllegalStateException("stopped in the middle of a search");
      }
      if (watch.wanted) {
        runs.done(run.id(), helps.stream().map(help -> kept(board, sizes, help)).toList());
      }
    } catch (NotOnThisFarm | IllegalArgumentException cannot) {
      runs.end(run.id(), RunState.FAILED, cannot.getMessage());
    }
  }

  private static StoredHelp kept(Board board, HelpSizes sizes, Help help) {
    List<Job> jobs = help.jobs().stream().map(board::job).toList();
    return new StoredHelp(
        Codes.kept(help.what()),
        help.machine().map(id -> name(board, id)).orElse(null),
        jobs.stream().map(Job::field).toList(),
        jobs.stream().map(Job::words).findFirst().orElse(null),
        switch (help.what()) {
          case EARLIER -> sizes.earlierDays();
          case LONGER -> sizes.longerHours();
          case DRIVER, MACHINE, FLOWN, DROP -> 0;
        },
        help.from().orElse(null),
        help.to().orElse(null),
        Math.round(help.gain().value()),
        (int) Math.round(help.chance().percent()),
        help.atRisk().acres());
  }

  private static String name(Board board, String machine) {
    return board.problem().campaign().machines().stream()
        .filter(m -> m.id().equals(machine))
        .map(Machine::name)
        .findFirst()
        .orElseThrow();
  }

  /** Keeps how far it is, and hears whether it is still wanted. */
  private final class Told implements HelpWatch {
    private final UUID run;
    private volatile boolean wanted = true;

    Told(UUID run) {
      this.run = run;
    }

    @Override
    public boolean over() {
      return !wanted || stopping.get();
    }

    @Override
    public void tried(double part) {
      wanted = runs.told(run, part);
    }
  }
}
