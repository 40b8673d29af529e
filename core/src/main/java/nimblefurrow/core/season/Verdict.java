package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.seeding.SeedingWindow;

/**
 * Where the sowing of a cover stands today, for example "sow by 6 Sep": worked out once from its
 * window and asked by the sheet, the calls, the planner and the field's answer, so that they never
 * disagree. It is not about a cover that is sown.
 *
 * <p>Seed that goes in after its last useful day is late, never refused: while it still just lives,
 * or gives a little cover, it is {@link Kind#LATE}; then, as long as the ground lets a drill or
 * spreader go, {@link Kind#DORMANT}.
 *
 * @param by the day by which it must go in: useful in 80 % of years, else in half of them, else
 *     just living, else the last day at all; empty where it cannot go in any more
 * @param inTime chance that there is still a day on which it becomes a useful cover
 */
public record Verdict(Kind kind, Optional<LocalDate> by, Share inTime, Reason says) {
  /** Chance with which a last sowing day must work. */
  public static final FigureKey SURE = FigureKey.of("season", "sow_by_sure");

  /** Chance with which it must work where it is not sure. */
  public static final FigureKey HALF = FigureKey.of("season", "sow_by_half");

  /** How a sowing stands. */
  public enum Kind {
    /** There is no such window around this crop. */
    IMPOSSIBLE,
    /** The window is still to come. */
    NOT_YET,
    /** The window is open and the cover will be useful. */
    OPEN,
    /** It still lives, or gives a little cover. */
    LATE,
    /** Seed lies over winter and comes up in spring. */
    DORMANT,
    /** It cannot be sown this way any more. */
    SHUT
  }

  /** The verdict on a window as seen on a day. */
  public static Verdict of(SeedingWindow window, LocalDate today, Figures figures) {
    if (window.impossible().isPresent()) {
      return new Verdict(
          Kind.IMPOSSIBLE, Optional.empty(), Share.of(0), Reason.of("cannot be sown so"));
    }
    LocalDate opens = window.opens().median().orElse(LocalDate.MAX);
    LocalDate from = opens.isAfter(today) ? opens : today;
    Share inTime = window.chanceFrom(today);
    Optional<LocalDate> useful = lastDay(window.closes(), from, figures);
    Optional<LocalDate> living = lastDay(window.lives(), from, figures);
    Optional<LocalDate> atAll = lastDay(window.shuts(), from, figures);
    boolean ahead = opens.isAfter(today);
    if (ahead && (useful.isPresent() || living.isPresent())) {
      return new Verdict(
          Kind.NOT_YET, useful.or(() -> living), inTime, opening(opens, inTime, figures));
    }
    if (useful.isPresent()) {
      return new Verdict(Kind.OPEN, useful, inTime, Reason.of("sow by {}", useful.get()));
    }
    if (living.isPresent()) {
      return new Verdict(
          Kind.LATE,
          living,
          inTime,
          Reason.of("late: sow by {}, useful in {} of years", living.get(), inTime));
    }
    if (atAll.isPresent() && window.way().dormant()) {
      return new Verdict(
          Kind.DORMANT,
          atAll,
          inTime,
          ahead
              ? Reason.of("opens about {}, too late but for dormant seed", opens)
              : Reason.of("too late but for dormant seed, until {}", atAll.get()));
    }
    return new Verdict(Kind.SHUT, Optional.empty(), inTime, Reason.of("too late as planned"));
  }

  /** Whether one would still sow it as planned: it becomes useful, or at least lives. */
  public boolean worthwhile() {
    return kind == Kind.NOT_YET || kind == Kind.OPEN || kind == Kind.LATE;
  }

  private static Reason opening(LocalDate opens, Share inTime, Figures figures) {
    return inTime.fraction() >= figures.of(HALF)
        ? Reason.of("opens about {}", opens)
        : Reason.of("opens about {}, in time in {} of years", opens, inTime);
  }

  /** The last day that works in 80 % of years, else in half, that is not before another. */
  private static Optional<LocalDate> lastDay(DateForecast last, LocalDate from, Figures figures) {
    return Stream.of(figures.of(SURE), figures.of(HALF))
        .flatMap(chance -> last.lastDayWithChance(chance).stream())
        .filter(d -> !d.isBefore(from))
        .findFirst();
  }
}
