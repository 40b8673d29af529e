package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/** Dead cover rotting away: the more carbon to nitrogen, the slower. */
public final class Residue {
  private static final FigureKey HALF_LIFE_CARBON = FigureKey.of("cover", "half_life_carbon");
  private static final FigureKey HALF_LIFE_LEAST = FigureKey.of("cover", "half_life_least");

  private Residue() {}

  /** Weeks until half is gone. */
  public static double halfLifeWeeks(Figures figures, double carbonToNitrogen) {
    return figures.of(HALF_LIFE_LEAST) + carbonToNitrogen / figures.of(HALF_LIFE_CARBON);
  }

  /** Share still lying on a date. */
  public static double left(
      Figures figures, double carbonToNitrogen, LocalDate dead, LocalDate date) {
    double weeks = Math.max(0, ChronoUnit.DAYS.between(dead, date)) / 7.0;
    return Math.pow(0.5, weeks / halfLifeWeeks(figures, carbonToNitrogen));
  }
}
