package nimblefurrow.core.job;

import java.time.LocalDate;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;

/**
 * When a job can be done, in each climate year: it may start when the one has come, and must be
 * over with the other.
 *
 * @param end the day by which a planner must be done
 */
public record JobWindow(DateForecast opens, DateForecast closes, LocalDate end) {
  private static final FigureKey SURE = FigureKey.of("work", "window_sure");

  public JobWindow {
    Limits.given("window", opens);
    Limits.given("window end", closes);
    Limits.given("last day", end);
  }

  /** A window that ends for the planner where it is still open in 80 % of years, else in half. */
  public static JobWindow of(DateForecast opens, DateForecast closes, Figures figures) {
    return new JobWindow(
        opens,
        closes,
        closes
            .lastDayWithChance(figures.of(SURE))
            .or(closes::median)
            .orElse(LocalDate.of(1900, 1, 1)));
  }

  /** Chance that the window is open on a date: the years are counted in which it is. */
  public double chanceOpen(LocalDate date) {
    return opens
        .days()
        .chance(closes.days(), (from, to) -> !from.isAfter(date) && !to.isBefore(date))
        .fraction();
  }

  /** Whether the window is open on a date in the n-th climate year. */
  public boolean openIn(int year, LocalDate date) {
    return opens.comeBy(date, year) && closes.comesOnOrAfter(date, year);
  }
}
