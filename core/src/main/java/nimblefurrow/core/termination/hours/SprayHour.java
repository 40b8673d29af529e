package nimblefurrow.core.termination.hours;

import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Hour;

/**
 * Whether an hour will do for a systemic spray, and the first thing against it where it will not.
 * The label comes before all of it: its own wind, rain-free hours and temperatures bind.
 */
public enum SprayHour {
  INVERSION("the air may be inverted"),
  DARK("dark"),
  CALM("too calm"),
  WIND("too windy"),
  RAIN("rain within the rain-free hours"),
  LEAVES("leaves wet"),
  COLD("too cold"),
  OK("good");

  private static final FigureKey CALM_MPH = FigureKey.of("termination", "spray_calm");
  private static final FigureKey MOST_MPH = FigureKey.of("termination", "spray_wind");
  private static final FigureKey RAIN_FREE = FigureKey.of("termination", "spray_rain_free");
  private static final FigureKey INVERSION_MPH = FigureKey.of("termination", "inversion_wind");
  private static final FigureKey INVERSION_HOURS = FigureKey.of("termination", "inversion_hours");
  private static final FigureKey CLEAR = FigureKey.of("hours", "clear_sky");
  private static final FigureKey DAY_F = FigureKey.of("termination", "spray_high");
  private static final FigureKey NIGHT_F = FigureKey.of("termination", "spray_low");

  private final String words;

  SprayHour(String words) {
    this.words = words;
  }

  /** As a grower says it. */
  public String words() {
    return words;
  }

  /**
   * An hour among those that follow it.
   *
   * @param hours of the days, in their order
   * @param at which of them is asked for
   * @param day the weather of its day
   */
  public static SprayHour of(List<Hour> hours, int at, DailyWeather day, Figures figures) {
    Hour hour = hours.get(at);
    if (hour.clearness() >= figures.of(CLEAR)
        && hour.windMph() < figures.of(INVERSION_MPH)
        && hour.fromDark() < figures.of(INVERSION_HOURS)) {
      return INVERSION;
    }
    if (!hour.up()) {
      return DARK;
    }
    if (hour.windMph() < figures.of(CALM_MPH)) {
      return CALM;
    }
    if (hour.windMph() > figures.of(MOST_MPH)) {
      return WIND;
    }
    int until = (int) Math.min(hours.size() - 1L, at + Math.round(figures.of(RAIN_FREE)));
    for (int i = at; i <= until; i++) {
      if (hours.get(i).wet()) {
        return RAIN;
      }
    }
    if (hour.filmMm() > 0) {
      return LEAVES;
    }
    return day.maxF() < figures.of(DAY_F) || day.minF() < figures.of(NIGHT_F) ? COLD : OK;
  }
}
