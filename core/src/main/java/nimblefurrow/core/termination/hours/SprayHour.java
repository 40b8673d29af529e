package nimblefurrow.core.termination.hours;

import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Hour;

/**
 * Whether an hour will do for a spray of some kind, and the first thing against it where it will
 * not. The label comes before all of it: its own wind, rain-free hours and temperatures bind.
 */
public enum SprayHour {
  INVERSION("the air may be inverted"),
  DARK("dark"),
  CALM("too calm"),
  WIND("too windy"),
  RAIN("rain within the rain-free hours"),
  LEAVES("leaves wet"),
  COLD("too cold"),
  HOT("too hot: it turns to vapour"),
  OK("good");

  private static final FigureKey CALM_MPH = FigureKey.of("termination", "spray_calm");
  private static final FigureKey MOST_MPH = FigureKey.of("termination", "spray_wind");
  private static final FigureKey HOT_F = FigureKey.of("termination", "regulator_hot");
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

  /** An hour for a systemic product of which no label is entered. */
  public static SprayHour of(List<Hour> hours, int at, DailyWeather day, Figures figures) {
    return of(hours, at, day, SprayNeed.USUAL, figures);
  }

  /** An hour for all that goes out together: what one of them cannot bear, none is sprayed in. */
  public static SprayHour of(
      List<Hour> hours, int at, DailyWeather day, List<SprayNeed> needs, Figures figures) {
    return needs.stream()
        .map(need -> of(hours, at, day, need, figures))
        .filter(limit -> limit != OK)
        .findFirst()
        .orElse(OK);
  }

  /**
   * An hour among those that follow it. What kills by contact works in the cold; a growth regulator
   * turns to vapour in heat; what is meant for the soil minds neither leaves nor rain.
   *
   * @param hours of the days, in their order, as far ahead as it wants them free of rain: what lies
   *     beyond the last is not asked for
   * @param at which of them is asked for
   * @param day the weather of its day
   * @param need what the product wants
   */
  public static SprayHour of(
      List<Hour> hours, int at, DailyWeather day, SprayNeed need, Figures figures) {
    Label.Kind kind = need.kind();
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
    if (kind == Label.Kind.RESIDUAL) {
      return hour.wet() ? RAIN : OK;
    }
    int until = (int) Math.min(hours.size() - 1L, at + Math.round(need.hours(figures)));
    for (int i = at; i <= until; i++) {
      if (hours.get(i).wet()) {
        return RAIN;
      }
    }
    if (hour.filmMm() > 0) {
      return LEAVES;
    }
    if (kind == Label.Kind.GROWTH_REGULATOR && day.maxF() > figures.of(HOT_F)) {
      return HOT;
    }
    boolean cold = day.maxF() < figures.of(DAY_F) || day.minF() < figures.of(NIGHT_F);
    return cold && kind != Label.Kind.CONTACT ? COLD : OK;
  }
}
