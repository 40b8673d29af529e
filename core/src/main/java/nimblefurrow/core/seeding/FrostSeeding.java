package nimblefurrow.core.seeding;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.DateForecast;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Clover on the frozen ground of standing wheat, worked in by freezing and thawing: from ten weeks
 * to four weeks before the wheat's median jointing date, best while a quarter of the days freeze to
 * 28 °F and thaw past 36 °F.
 */
final class FrostSeeding {
  private static final int OPENS_WEEKS = 10;
  private static final int CLOSES_WEEKS = 4;
  private static final int SPAN_DAYS = 14;
  private static final double FREEZE_F = 28;
  private static final double THAW_F = 36;
  private static final double QUARTER = 0.25;

  private FrostSeeding() {}

  static CropWindow window(LocalDate[] jointing, Outlook outlook) {
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
    LocalDate opens = jointing.minusWeeks(OPENS_WEEKS);
    LocalDate closes = jointing.minusWeeks(CLOSES_WEEKS);
    return CropWindow.open(
        outlook.each(t -> opens),
        outlook.each(t -> first(t, opens, closes)),
        outlook.each(t -> last(t, opens, closes)),
        outlook.each(t -> closes));
  }

  private static LocalDate first(WeatherTrace trace, LocalDate opens, LocalDate closes) {
    for (LocalDate day = opens; !day.isAfter(closes); day = day.plusDays(1)) {
      if (heaving(trace, day)) {
        return day;
      }
    }
    return opens;
  }

  private static LocalDate last(WeatherTrace trace, LocalDate opens, LocalDate closes) {
    for (LocalDate day = closes; !day.isBefore(opens); day = day.minusDays(1)) {
      if (heaving(trace, day)) {
        return day;
      }
    }
    return opens;
  }

  /** Whether at least a quarter of the two weeks about a day freeze and thaw. */
  static boolean heaving(WeatherTrace trace, LocalDate day) {
    int both = 0;
    for (int i = -SPAN_DAYS / 2; i < SPAN_DAYS / 2; i++) {
      DailyWeather weather = trace.on(day.plusDays(i));
      both += weather.minF() <= FREEZE_F && weather.maxF() >= THAW_F ? 1 : 0;
    }
    return both >= QUARTER * SPAN_DAYS;
  }
}
