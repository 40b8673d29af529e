package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Dead cover rotting away by warm weeks: the more carbon to nitrogen, the slower; not at all in
 * frost. With 45 parts of carbon to one of nitrogen 28 days of 50 °F leave 86 %.
 */
public final class Residue {
  private static final FigureKey HALF_LIFE_CARBON = FigureKey.of("cover", "half_life_carbon");
  private static final FigureKey HALF_LIFE_LEAST = FigureKey.of("cover", "half_life_least");
  private static final FigureKey ZERO_F = FigureKey.of("cover", "warm_week_zero");
  private static final FigureKey FULL_F = FigureKey.of("cover", "warm_week_full");
  private static final FigureKey MOST = FigureKey.of("cover", "warm_week_most");

  private Residue() {}

  /** Warm weeks until half is gone. */
  public static double halfLifeWeeks(Figures figures, double carbonToNitrogen) {
    return figures.of(HALF_LIFE_LEAST) + carbonToNitrogen / figures.of(HALF_LIFE_CARBON);
  }

  /** What a day of this mean temperature counts for, 0 in frost to 1.3 in great heat. */
  public static double warmDay(double meanF, Figures figures) {
    double zero = figures.of(ZERO_F);
    return Math.max(0, Math.min(figures.of(MOST), (meanF - zero) / (figures.of(FULL_F) - zero)));
  }

  /** Share still there after so many warm weeks. */
  public static double left(Figures figures, double carbonToNitrogen, double warmWeeks) {
    return Math.pow(0.5, warmWeeks / halfLifeWeeks(figures, carbonToNitrogen));
  }

  /** Share still lying on a date in the middle year; all of it before it died. */
  public static double left(
      Outlook outlook, double carbonToNitrogen, LocalDate dead, LocalDate date) {
    Ensemble<Double> weeks = outlook.each(trace -> warmWeeks(trace, dead, date, outlook.figures()));
    return left(outlook.figures(), carbonToNitrogen, weeks.middle().orElseThrow());
  }

  /** Warm weeks after one day up to and with another, in one way the weather may run. */
  public static double warmWeeks(
      WeatherTrace trace, LocalDate dead, LocalDate date, Figures figures) {
    double[] warm = warmDays(trace, figures);
    long first = trace.first().toEpochDay();
    double sum = 0;
    int to = (int) Math.min(warm.length - 1L, date.toEpochDay() - first);
    for (int i = (int) Math.max(0, dead.toEpochDay() + 1 - first); i <= to; i++) {
      sum += warm[i];
    }
    return sum / 7;
  }

  private record Warmth(double zeroF, double fullF, double most) {}

  /** What each day of a trace counts for. */
  public static double[] warmDays(WeatherTrace trace, Figures figures) {
    Warmth key = new Warmth(figures.of(ZERO_F), figures.of(FULL_F), figures.of(MOST));
    return trace.daily(key, d -> warmDay(d.meanF(), figures));
  }
}
