package nimblefurrow.core.board;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.PlanRisk;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Share;

/**
 * What a night has changed for the list: the same jobs, as they stood on the morning before and as
 * they stand now, with a new forecast. Example: Ferry Road begins three days later; Long Half is in
 * time in 60 % of years, where it was in 85 %.
 */
public final class Overnight {
  private static final FigureKey DAYS = FigureKey.of("work", "news_days");
  private static final FigureKey CHANCE = FigureKey.of("work", "news_chance");

  private Overnight() {}

  /**
   * How a job stands on a morning.
   *
   * @param begins the day on which it is to begin; empty where no hours hold it any more
   * @param inWindow chance of being done before its window closes, 0–1
   */
  public record Standing(JobId job, Optional<LocalDate> begins, double inWindow) {}

  /** What may have happened to a job. */
  public enum What implements Coded {
    LATER("later"),
    EARLIER("earlier"),
    RISKIER("riskier"),
    SAFER("safer"),
    NO_ROOM("no_room"),
    ROOM_AGAIN("room_again");

    private final String code;

    What(String code) {
      this.code = code;
    }

    @Override
    public String code() {
      return code;
    }
  }

  /** One change, with how the job stood and stands. */
  public record Change(What what, Standing then, Standing now) {
    /** Days by which it is later; below 0: earlier; 0 where one of the two is not known. */
    public long days() {
      return then.begins().isPresent() && now.begins().isPresent()
          ? ChronoUnit.DAYS.between(then.begins().get(), now.begins().get())
          : 0;
    }
  }

  /** How the jobs of a list stand. */
  public static List<Standing> standings(Schedule placed, List<Turn> list, PlanRisk risk) {
    Map<JobId, Share> chances = new HashMap<>();
    risk.jobs().forEach(j -> chances.put(j.job(), j.inWindow()));
    return list.stream()
        .map(Turn::job)
        .map(
            job ->
                new Standing(
                    job,
                    placed.of(job).map(Placement::start),
                    Optional.ofNullable(chances.get(job)).map(Share::fraction).orElse(0.0)))
        .toList();
  }

  /**
   * The changes, the worst first: what has no room, what is less sure, what is later, then the good
   * ones. A job that was not on the list before, or is not now, is none.
   */
  public static List<Change> changes(List<Standing> then, List<Standing> now, Figures figures) {
    Map<JobId, Standing> before = new HashMap<>();
    then.forEach(s -> before.put(s.job(), s));
    List<Change> changes = new ArrayList<>();
    for (Standing after : now) {
      Standing was = before.get(after.job());
      if (was != null) {
        what(was, after, figures).ifPresent(w -> changes.add(new Change(w, was, after)));
      }
    }
    changes.sort(
        Comparator.comparing((Change c) -> order(c.what()))
            .thenComparing(c -> c.now().inWindow() - c.then().inWindow())
            .thenComparing(c -> c.now().job()));
    return changes;
  }

  private static int order(What what) {
    return switch (what) {
      case NO_ROOM -> 0;
      case RISKIER -> 1;
      case LATER -> 2;
      case ROOM_AGAIN -> 3;
      case SAFER -> 4;
      case EARLIER -> 5;
    };
  }

  private static Optional<What> what(Standing was, Standing is, Figures figures) {
    if (was.begins().isPresent() != is.begins().isPresent()) {
      return Optional.of(is.begins().isPresent() ? What.ROOM_AGAIN : What.NO_ROOM);
    }
    double gained = is.inWindow() - was.inWindow();
    if (Math.abs(gained) >= figures.of(CHANCE)) {
      return Optional.of(gained < 0 ? What.RISKIER : What.SAFER);
    }
    long days = new Change(What.LATER, was, is).days();
    if (Math.abs(days) >= figures.whole(DAYS)) {
      return Optional.of(days > 0 ? What.LATER : What.EARLIER);
    }
    return Optional.empty();
  }
}
