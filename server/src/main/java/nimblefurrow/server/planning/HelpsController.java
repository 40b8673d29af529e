package nimblefurrow.server.planning;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.scheduler.help.Help;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What would help most: asked for, tried behind the scenes, kept until something changes. */
@RestController
@RequestMapping("/api/v1/dispatch/helps")
class HelpsController {
  /**
   * @param state absent where it was never asked for, or something has changed since it was
   * @param percent of it that is done
   * @param helps what helps, what brings most first; none while it is under way
   */
  record HelpRunView(
      @Maybe RunState state, int percent, List<HelpView> helps, @Maybe String says) {}

  /**
   * Something that would help.
   *
   * @param fields whose jobs are given up, or sown from the air
   * @param by days or hours by which all is earlier or longer; 0 for other helps
   * @param gain dollars a year less lost; what it costs to have is not in it
   * @param chance % of years in which less is lost with it
   * @param atRisk acres a year that are late or never done with it
   */
  record HelpView(
      Help.What what,
      @Maybe String machine,
      List<String> fields,
      @Maybe String words,
      double by,
      @Maybe LocalDate from,
      @Maybe LocalDate to,
      long gain,
      int chance,
      double atRisk) {
    static HelpView of(HelpRuns.StoredHelp h) {
      return new HelpView(
          Codes.read(Help.What.class, h.what()),
          h.machine(),
          h.fields(),
          h.words(),
          h.by(),
          h.from(),
          h.to(),
          h.gain(),
          h.chance(),
          h.atRisk());
    }
  }

  private final HelpRuns runs;
  private final Unchanged unchanged;
  private final SchedulerClient work;
  private final OneTimeTask<Void> helpRun;
  private final CurrentFarm current;

  HelpsController(
      HelpRuns runs,
      Unchanged unchanged,
      SchedulerClient work,
      OneTimeTask<Void> helpRun,
      CurrentFarm current) {
    this.runs = runs;
    this.unchanged = unchanged;
    this.work = work;
    this.helpRun = helpRun;
    this.current = current;
  }

  /** How the last asking stands. */
  @GetMapping
  HelpRunView run() {
    return view(still());
  }

  /** Asks; one that is under way is answered instead, and so is one that still holds. */
  @PostMapping
  HelpRunView ask() {
    boolean known = still().filter(run -> run.state() == RunState.DONE).isPresent();
    if (!known) {
      runs.ask(current.id(), unchanged.stands(current.id()))
          .ifPresent(id -> work.schedule(helpRun.instance(id.toString()), Instant.now()));
    }
    return run();
  }

  /** Calls it off. */
  @DeleteMapping
  HelpRunView callOff() {
    runs.last(current.id()).ifPresent(run -> runs.end(run.id(), RunState.CANCELLED, null));
    return run();
  }

  /** The last asking; of one that is over, only where nothing has changed since. */
  private Optional<HelpRuns.Run> still() {
    return runs.last(current.id())
        .filter(run -> run.state().open() || run.stands().equals(unchanged.stands(current.id())));
  }

  private static HelpRunView view(Optional<HelpRuns.Run> run) {
    return run.map(
            r ->
                new HelpRunView(
                    r.state(),
                    (int) Math.floor(100 * r.part()),
                    r.helps().stream().map(HelpView::of).toList(),
                    r.said().orElse(null)))
        .orElse(new HelpRunView(null, 0, List.of(), null));
  }
}
