package nimblefurrow.server.planning;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.board.Overnight;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the night has changed, and what there is to do today. */
@RestController
@RequestMapping("/api/v1/dispatch/morning")
class MorningController {
  /**
   * @param day the day on which the list was last played; absent: never yet
   * @param gain dollars a year that a proposed change of the list would save; 0: keep it
   */
  record MorningView(
      @Maybe LocalDate day,
      @Maybe OffsetDateTime playedAt,
      List<NightView> changes,
      long gain,
      List<TodayView> today) {}

  /**
   * @param days by which the job begins later; below 0: earlier
   * @param was % of years in which it was in time, {@code is} now
   */
  record NightView(JobId job, String field, Overnight.What what, long days, int was, int is) {}

  record TodayView(
      JobId job,
      @Maybe UUID fieldId,
      String field,
      String words,
      UUID machineId,
      double acres,
      @Maybe String driver) {}

  private final Mornings mornings;
  private final Dispatch dispatch;
  private final CurrentFarm current;

  MorningController(Mornings mornings, Dispatch dispatch, CurrentFarm current) {
    this.mornings = mornings;
    this.dispatch = dispatch;
    this.current = current;
  }

  /** The last morning, and today's work as the board has it now. */
  @GetMapping
  MorningView morning() {
    return view(dispatch.board(current.id()));
  }

  /** Plays it again now, whatever the clock says. */
  @PostMapping
  MorningView again() {
    mornings.play(current.id());
    return view(dispatch.board(current.id()));
  }

  private MorningView view(Board board) {
    LocalDate today = board.season().day().today();
    List<TodayView> work =
        board.placed().placed().stream()
            .flatMap(
                p ->
                    p.days().stream()
                        .filter(d -> d.date().equals(today))
                        .map(
                            d ->
                                work(
                                    board,
                                    board.job(p.jobId()),
                                    UUID.fromString(p.machineId()),
                                    d)))
            .toList();
    return mornings
        .last(current.id())
        .filter(m -> !m.day().isAfter(today))
        .map(
            m ->
                new MorningView(
                    m.day(),
                    m.playedAt(),
                    m.changes().stream()
                        .filter(c -> board.whole().containsKey(c.now().job()))
                        .map(c -> night(board, c))
                        .toList(),
                    Math.round(m.gain()),
                    work))
        .orElse(new MorningView(null, null, List.of(), 0, work));
  }

  private static NightView night(Board board, Overnight.Change change) {
    JobId job = change.now().job();
    return new NightView(
        job,
        board.job(job).field(),
        change.what(),
        change.days(),
        Percent.of(change.then().inWindow()),
        Percent.of(change.now().inWindow()));
  }

  private static TodayView work(Board board, Job job, UUID machine, DayWork day) {
    return new TodayView(
        job.id(),
        board.field(job).map(f -> f.field().id()).orElse(null),
        job.field(),
        job.words(),
        machine,
        day.acres(),
        day.driver().orElse(null));
  }
}
