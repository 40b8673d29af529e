package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Arrays;
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

  public static WeatherStrip of(Outlook outlook) {
    int length = (int) (outlook.last().toEpochDay() - outlook.first().toEpochDay() + 1);
    int years = outlook.traces().size();
    double frostF = outlook.figures().of(FROST_F);
    int[] low = new int[length];
    int[] middle = new int[length];
    int[] high = new int[length];
    double[] rain = new double[length];
    int[] frost = new int[length];
    double[] lows = new double[years];
    double[] highs = new double[years];
    double[] means = new double[years];
    for (int i = 0; i < length; i++) {
      double water = 0;
      int nights = 0;
      for (int y = 0; y < years; y++) {
        DailyWeather day = outlook.traces().get(y).on(outlook.first().plusDays(i));
        lows[y] = day.minF();
        highs[y] = day.maxF();
        means[y] = day.meanF();
        water += day.rainIn();
        nights += day.minF() <= frostF ? 1 : 0;
      }
      Arrays.sort(lows);
      Arrays.sort(highs);
      Arrays.sort(means);
      low[i] = (int) Math.round(lows[years / 10]);
      middle[i] = (int) Math.round(means[years / 2]);
      high[i] = (int) Math.round(highs[years - 1 - years / 10]);
      rain[i] = Math.round(100 * water / years) / 100.0;
      frost[i] = Math.round(100f * nights / years);
    }
    int measured = (int) (outlook.today().toEpochDay() - outlook.first().toEpochDay() + 1);
    return new WeatherStrip(
        outlook.first(), Math.max(0, Math.min(length, measured)), low, middle, high, rain, frost);
  }
}
