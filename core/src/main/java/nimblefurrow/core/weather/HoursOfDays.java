package nimblefurrow.core.weather;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * The hours of days that follow each other, in solar time: temperature between the day's low and
 * high, dew point, sun, wind, rain, water on the leaves. 22 May at 40.5°N of 78/54 °F, humid to 38
 * %, gives 68.5 °F and 6.5 mph at 8 h. Not a measurement; where hours are measured, they are
 * better.
 *
 * <p>Source: the sine of the day and the fading of the night, radiation by the sun's height, dew by
 * nearness to the dew point.
 */
public final class HoursOfDays {
  private static final FigureKey WARMEST = FigureKey.of("hours", "warmest_after");
  private static final FigureKey COOLING = FigureKey.of("hours", "night_cooling");
  private static final FigureKey ABOVE_LOW_F = FigureKey.of("hours", "dew_above_low");
  private static final FigureKey WIND_REST = FigureKey.of("hours", "wind_rest");
  private static final FigureKey WIND_RISE = FigureKey.of("hours", "wind_rise");
  private static final FigureKey RAIN_OF_HOUR = FigureKey.of("hours", "rain_of_hour");
  private static final FigureKey WET_MOST = FigureKey.of("hours", "wet_hours_most");
  private static final FigureKey SOIL_WAVE = FigureKey.of("hours", "soil_wave");
  private static final FigureKey SOIL_LAG = FigureKey.of("hours", "soil_lag");
  private static final FigureKey GROUND_MEMORY = FigureKey.of("weather", "ground_memory");
  private static final int HOURS = 24;

  private final Figures figures;
  private final double latitude;
  private final LeafFilm leaves;
  private Double groundF;

  private HoursOfDays(Site site, Figures figures) {
    this.figures = figures;
    this.latitude = site.latitude();
    this.leaves = new LeafFilm(figures);
  }

  /**
   * The hours of days without a gap between them; leaves are dry when the first begins.
   *
   * @return 24 for each day
   */
  public static List<Hour> of(List<DailyWeather> days, Site site, Figures figures) {
    HoursOfDays hours = new HoursOfDays(site, figures);
    List<Hour> all = new ArrayList<>();
    for (int i = 0; i < days.size(); i++) {
      DailyWeather day = days.get(i);
      DailyWeather before = i > 0 ? days.get(i - 1) : day;
      DailyWeather after = i + 1 < days.size() ? days.get(i + 1) : day;
      hours.day(before, day, after, hours.drawnWet(day), all);
    }
    return all;
  }

  /** The hours of one day of which the wet ones are known. */
  static List<Hour> of(DailyWeather day, Set<Integer> wet, Site site, Figures figures) {
    List<Hour> all = new ArrayList<>();
    new HoursOfDays(site, figures).day(day, day, day, wet, all);
    return all;
  }

  /** Wet hours of a day follow each other, from an hour that the day itself decides. */
  private Set<Integer> drawnWet(DailyWeather day) {
    Set<Integer> wet = new HashSet<>();
    if (day.rainIn() <= 0) {
      return wet;
    }
    double many = Math.ceil(day.rainIn() / figures.of(RAIN_OF_HOUR));
    int count = (int) Math.max(1, Math.min(figures.of(WET_MOST), many));
    int from = new SplittableRandom(day.date().toEpochDay()).nextInt(HOURS - count + 1);
    for (int i = 0; i < count; i++) {
      wet.add(from + i);
    }
    return wet;
  }

  private void day(
      DailyWeather before,
      DailyWeather day,
      DailyWeather after,
      Set<Integer> wet,
      List<Hour> into) {
    DaySun sun = DaySun.of(day, latitude);
    double vapour =
        Math.min(
            day.humidity() / 100 * Vapour.fullKpa(day.maxF()),
            Vapour.fullKpa(day.minF() + figures.of(ABOVE_LOW_F)));
    double kept = figures.of(GROUND_MEMORY);
    groundF = groundF == null ? before.meanF() : groundF;
    groundF = groundF * kept + day.meanF() * (1 - kept);
    for (int h = 0; h < HOURS; h++) {
      double time = h + 0.5;
      double warm = temperature(time, sun, before, day, after);
      double lagged =
          temperature(Math.max(0, time - figures.of(SOIL_LAG)), sun, before, day, after);
      double wind = day.windMph() * wind(time, sun);
      double ofSun = sun.ofHour(time);
      boolean rains = wet.contains(h);
      double more = Math.max(0, Vapour.fullKpa(warm) - vapour);
      double dew = Vapour.dewPointF(vapour);
      leaves.pass(rains, warm - dew, ofSun, more, wind, sun.clearness());
      into.add(
          new Hour(
              day.date().atTime(h, 0),
              warm,
              dew,
              more,
              ofSun,
              wind,
              rains ? day.rainIn() / wet.size() : 0,
              leaves.millimetres(),
              leaves.dryness(),
              groundF + figures.of(SOIL_WAVE) * (lagged - day.meanF()),
              sun.up(time),
              sun.clearness(),
              Math.min(time - sun.rises(), sun.sets() - time)));
    }
  }

  private double temperature(
      double time, DaySun sun, DailyWeather before, DailyWeather day, DailyWeather after) {
    if (sun.up(time)) {
      return byDay(time, sun, day);
    }
    boolean evening = time > sun.sets();
    DailyWeather of = evening ? day : before;
    double atSunset = byDay(sun.sets(), sun, of);
    double low = evening ? after.minF() : day.minF();
    double night = HOURS - sun.length();
    double since = evening ? time - sun.sets() : time + HOURS - sun.sets();
    double cooling = figures.of(COOLING);
    double end = Math.exp(-cooling);
    return low + (atSunset - low) * (Math.exp(-cooling * since / night) - end) / (1 - end);
  }

  private double byDay(double time, DaySun sun, DailyWeather day) {
    double turn = Math.PI * (time - sun.rises()) / (sun.length() + figures.of(WARMEST));
    return day.minF() + (day.maxF() - day.minF()) * Math.sin(turn);
  }

  private double wind(double time, DaySun sun) {
    double part = (time - sun.rises() - 1) / sun.length();
    double rest = figures.of(WIND_REST);
    return part < 0 || part > 1 ? rest : rest + figures.of(WIND_RISE) * Math.sin(Math.PI * part);
  }
}
