package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Corn drying in the field from 35 % at black layer, by heat, or slowly by dry days late in fall.
 */
final class DryDown {
  private static final FigureKey START = FigureKey.of("crops", "corn_black_layer_moisture");
  private static final FigureKey STOP = FigureKey.of("crops", "corn_least_moisture");

  private DryDown() {}

  /** First day at or below a moisture (%); null when the trace ends before. */
  static LocalDate reaches(
      WeatherTrace trace, Site site, LocalDate mature, double wanted, Figures figures) {
    double moisture = figures.of(START);
    double goal = Math.max(figures.of(STOP), wanted);
    LocalDate day = mature;
    while (moisture > goal + 1e-9) {
      day = day.plusDays(1);
      if (day.isAfter(trace.last())) {
        return null;
      }
      DailyWeather weather = trace.on(day);
      double byHeat =
          HeatBase.BASE_50.degreeDays(weather.maxF(), weather.minF()) / perPoint(moisture);
      boolean drying = weather.rainIn() < 0.05 && weather.maxF() > 45;
      moisture -= Math.max(byHeat, drying ? least(day, site) : 0);
    }
    return day;
  }

  private static double perPoint(double moisture) {
    return moisture > 30 ? 24 : moisture > 25 ? 27 : moisture > 20 ? 33 : 40;
  }

  private static double least(LocalDate day, Site site) {
    LocalDate north = site.southern() ? day.minusMonths(6) : day;
    int monthDay = north.getMonthValue() * 100 + north.getDayOfMonth();
    if (monthDay < 700) {
      return 0.25; // dried over winter
    }
    return monthDay <= 930 ? 0.55 : monthDay <= 1015 ? 0.45 : monthDay <= 1031 ? 0.35 : 0.25;
  }
}
