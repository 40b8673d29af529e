package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.time.MonthDay;
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

  private static final FigureKey OVER_30 = FigureKey.of("crops", "dry_heat_over_30");
  private static final FigureKey OVER_25 = FigureKey.of("crops", "dry_heat_over_25");
  private static final FigureKey OVER_20 = FigureKey.of("crops", "dry_heat_over_20");
  private static final FigureKey UNDER_20 = FigureKey.of("crops", "dry_heat_under_20");
  private static final FigureKey RAIN = FigureKey.of("crops", "dry_day_rain");
  private static final FigureKey WARM = FigureKey.of("crops", "dry_day_warm");
  private static final FigureKey SEPTEMBER = FigureKey.of("crops", "dry_day_september");
  private static final FigureKey EARLY_OCTOBER = FigureKey.of("crops", "dry_day_early_october");
  private static final FigureKey LATE_OCTOBER = FigureKey.of("crops", "dry_day_late_october");
  private static final FigureKey LATER = FigureKey.of("crops", "dry_day_later");
  private static final MonthDay SPRING_ENDS = MonthDay.of(6, 30);

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
          HeatBase.BASE_50.degreeDays(weather.maxF(), weather.minF())
              / figures.of(perPoint(moisture));
      boolean drying = weather.rainIn() < figures.of(RAIN) && weather.maxF() > figures.of(WARM);
      moisture -= Math.max(byHeat, drying ? figures.of(least(day, site)) : 0);
    }
    return day;
  }

  private static FigureKey perPoint(double moisture) {
    return moisture > 30 ? OVER_30 : moisture > 25 ? OVER_25 : moisture > 20 ? OVER_20 : UNDER_20;
  }

  private static FigureKey least(LocalDate day, Site site) {
    MonthDay north = MonthDay.from(site.southern() ? day.minusMonths(6) : day);
    if (!north.isAfter(SPRING_ENDS)) {
      return LATER; // dried over winter
    }
    return !north.isAfter(MonthDay.of(9, 30))
        ? SEPTEMBER
        : !north.isAfter(MonthDay.of(10, 15))
            ? EARLY_OCTOBER
            : !north.isAfter(MonthDay.of(10, 31)) ? LATE_OCTOBER : LATER;
  }
}
