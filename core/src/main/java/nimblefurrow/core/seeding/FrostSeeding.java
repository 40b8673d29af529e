package nimblefurrow.core.seeding;

import java.time.LocalDate;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Clover on the frozen ground of standing wheat, worked in by freezing and thawing: from ten weeks
 * to four weeks before the wheat's median jointing date, best while a quarter of the days freeze to
 * 28 °F and thaw past 36 °F.
 */
final class FrostSeeding {
  private static final FigureKey OPENS_WEEKS = FigureKey.of("seeding", "frost_opens");
  private static final FigureKey CLOSES_WEEKS = FigureKey.of("seeding", "frost_closes");
  private static final FigureKey SPAN_DAYS = FigureKey.of("seeding", "frost_span");
  private static final FigureKey FREEZE_F = FigureKey.of("seeding", "frost_freeze");
  private static final FigureKey THAW_F = FigureKey.of("seeding", "frost_thaw");
  private static final FigureKey QUARTER = FigureKey.of("seeding", "frost_share");

  private FrostSeeding() {}

  static CropWindow window(Ensemble<LocalDate> jointing, Outlook outlook) {
    return DateForecast.of(jointing)
        .median()
        .map(middle -> around(middle, outlook))
        .orElseGet(
            () ->
                CropWindow.impossible(
                    Reason.of("this wheat never joints within the season"),
                    Reason.of("drill after harvest")));
  }

  private static CropWindow around(LocalDate jointing, Outlook outlook) {
    Figures figures = outlook.figures();
    LocalDate opens = jointing.minusWeeks(figures.whole(OPENS_WEEKS));
    LocalDate closes = jointing.minusWeeks(figures.whole(CLOSES_WEEKS));
    return CropWindow.open(
        outlook.each(t -> opens),
        outlook.each(t -> first(t, opens, closes, figures)),
        outlook.each(t -> last(t, opens, closes, figures)),
        outlook.each(t -> closes));
  }

  private static LocalDate first(
      WeatherTrace trace, LocalDate opens, LocalDate closes, Figures figures) {
    for (LocalDate day = opens; !day.isAfter(closes); day = day.plusDays(1)) {
      if (heaving(trace, day, figures)) {
        return day;
      }
    }
    return opens;
  }

  private static LocalDate last(
      WeatherTrace trace, LocalDate opens, LocalDate closes, Figures figures) {
    for (LocalDate day = closes; !day.isBefore(opens); day = day.minusDays(1)) {
      if (heaving(trace, day, figures)) {
        return day;
      }
    }
    return opens;
  }

  /** Whether at least a quarter of the two weeks about a day freeze and thaw. */
  static boolean heaving(WeatherTrace trace, LocalDate day, Figures figures) {
    int span = figures.whole(SPAN_DAYS);
    double freezes = figures.of(FREEZE_F);
    double thaws = figures.of(THAW_F);
    int both = 0;
    for (int i = -span / 2; i < span / 2; i++) {
      DailyWeather weather = trace.on(day.plusDays(i));
      both += weather.minF() <= freezes && weather.maxF() >= thaws ? 1 : 0;
    }
    return both >= figures.of(QUARTER) * span;
  }
}
