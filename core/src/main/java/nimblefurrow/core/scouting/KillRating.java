package nimblefurrow.core.scouting;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What is seen dead some days after a cover was ended, against what should be dead by then. A kill
 * of 85 % shows as about 68 % after fourteen days. Judged for good after 21 days only: stems that
 * lie flat and green may still go, and may still rise.
 *
 * @param days since it was ended, 0–120
 * @param dead mean share that is dead, 0–1
 * @param halfWidth of its 90 % interval, as a share; 0 where it is of one spot
 */
public record KillRating(int days, double dead, double halfWidth) {
  /** Days after an end for which its kill is rated. */
  public static final FigureKey RATED_UNTIL = FigureKey.of("scouting", "kill_rated_until");

  private static final FigureKey WANTED = FigureKey.of("scouting", "kill_wanted");
  private static final FigureKey SEVEN = FigureKey.of("scouting", "kill_shows_seven");
  private static final FigureKey FOURTEEN = FigureKey.of("scouting", "kill_shows_fourteen");
  private static final FigureKey LAST = FigureKey.of("scouting", "kill_last_look");
  private static final int WEEK = 7;

  /** What it means. */
  public enum Verdict {
    /** Enough is dead: nothing more is to be done. */
    DONE,
    /** As much is dead as should be by now. */
    ON_WAY,
    /** Less is dead than should be: look again, and keep a rescue at hand. */
    BEHIND,
    /** Too much lives when it is judged for good. */
    RESCUE
  }

  /** Share of all that dies which shows after some days: 0.5 after seven, 0.8 after fourteen. */
  public static double shows(int days, Figures figures) {
    double last = figures.of(LAST);
    if (days <= WEEK) {
      return figures.of(SEVEN) * days / WEEK;
    }
    if (days <= 2 * WEEK) {
      return figures.of(SEVEN) + (figures.of(FOURTEEN) - figures.of(SEVEN)) * (days - WEEK) / WEEK;
    }
    return Math.min(
        1,
        figures.of(FOURTEEN)
            + (1 - figures.of(FOURTEEN)) * (days - 2 * WEEK) / Math.max(1, last - 2 * WEEK));
  }

  /** Whether a cover ended on one day is judged for good on another. */
  public static boolean judged(LocalDate ended, LocalDate rated, Figures figures) {
    return !rated.isBefore(ended.plusDays(figures.whole(LAST)));
  }

  /** What it means, where this share of the cover was expected to die. */
  public Verdict verdict(double expected, Figures figures) {
    if (dead >= figures.of(WANTED)) {
      return Verdict.DONE;
    }
    if (days >= figures.of(LAST)) {
      return Verdict.RESCUE;
    }
    double least = Math.min(expected, figures.of(WANTED)) * shows(days, figures);
    return dead + halfWidth < least ? Verdict.BEHIND : Verdict.ON_WAY;
  }
}
