package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Dead cover rotting away: the more carbon to nitrogen, the slower. */
public final class Residue {
  private Residue() {}

  /** Weeks until half is gone. */
  public static double halfLifeWeeks(double carbonToNitrogen) {
    return 2 + carbonToNitrogen / 6;
  }

  /** Share still lying on a date. */
  public static double left(double carbonToNitrogen, LocalDate dead, LocalDate date) {
    double weeks = Math.max(0, ChronoUnit.DAYS.between(dead, date)) / 7.0;
    return Math.pow(0.5, weeks / halfLifeWeeks(carbonToNitrogen));
  }
}
