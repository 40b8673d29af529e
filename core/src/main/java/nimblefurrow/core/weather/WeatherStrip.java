package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;

/**
 * An outlook summed up by day: as measured until today, after that the 10, 50 and 90 % of the low,
 * mean and high to expect, the mean rain, and the chance of a night at or below 32 °F.
 *
 * @param measured how many days from the first are measured
 */
public record WeatherStrip(
    LocalDate first,
    int measured,
    int[] lowF,
    int[] middleF,
    int[] highF,
    double[] rainIn,
    int[] frostPercent) {
  private static final FigureKey FROST_F = FigureKey.of("weather", "frost");

  /** The strip above a season: measured days, then the range of what may come. */
  public static WeatherStrip of(Outlook outlook) {
    int length = (int) (outlook.last().toEpochDay() - outlook.first().toEpochDay() + 1);
    double frostF = outlook.figures().of(FROST_F);
    int[] low = new int[length];
    int[] middle = new int[length];
    int[] high = new int[length];
    double[] rain = new double[length];
    int[] frost = new int[length];
    for (int i = 0; i < length; i++) {
      LocalDate date = outlook.first().plusDays(i);
      Ensemble<Double> lows = outlook.each(t -> t.on(date).minF());
      low[i] = rounded(lows.quantile(0.1));
      middle[i] = rounded(outlook.each(t -> t.on(date).meanF()).middle());
      high[i] = rounded(outlook.each(t -> t.on(date).maxF()).quantile(0.9));
      frost[i] = (int) Math.round(lows.chance(f -> f <= frostF).percent());
      double water = outlook.traces().stream().mapToDouble(t -> t.on(date).rainIn()).sum();
      rain[i] = Math.round(100 * water / outlook.traces().size()) / 100.0;
    }
    int measured = (int) (outlook.today().toEpochDay() - outlook.first().toEpochDay() + 1);
    return new WeatherStrip(
        outlook.first(), Math.max(0, Math.min(length, measured)), low, middle, high, rain, frost);
  }

  private static int rounded(Optional<Double> fahrenheit) {
    return (int) Math.round(fahrenheit.orElseThrow());
  }
}
