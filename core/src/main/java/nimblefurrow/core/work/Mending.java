package nimblefurrow.core.work;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;

/**
 * When moving jobs of a list that people go by is worth their trouble. Keeping the list comes
 * first; a change is proposed where it gains enough, moves few jobs, and leaves the next days
 * alone.
 */
public final class Mending {
  private static final FigureKey SOON = FigureKey.of("work", "soon");
  private static final FigureKey WORTH = FigureKey.of("work", "worth_moving");
  private static final FigureKey USUAL = FigureKey.of("work", "usual_moved");

  private Mending() {}

  /** Whether what a change gains is worth telling of. Example: 300 of 20,000 dollars is. */
  public static boolean worth(Money keeping, Money then, Figures figures) {
    return keeping.value() - then.value() > figures.of(WORTH) * keeping.value();
  }

  /** Share of the jobs on a list that is moved at most unless more is asked for. */
  public static Share usual(Figures figures) {
    return Share.of(figures.of(USUAL));
  }

  /** The first day that is far enough ahead for its jobs to be moved like any other. */
  public static LocalDate far(LocalDate today, Figures figures) {
    return today.plusDays(figures.whole(SOON));
  }
}
