package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.TopsoilWater;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * How likely a day is fit for a kind of work on a soil: topsoil not too wet or frozen for wheels
 * and openers, wind for what flies or sprays, rain, warmth for a systemic spray.
 */
public final class FitDays {
  private record Ground(SoilTexture soil, boolean tiled, boolean livingCover) {}

  private record Asked(Ground ground, MachineKind kind, LocalDate date) {}

  private static final FigureKey GREEN_SHARE = FigureKey.of("work", "green_share");

  private final Outlook outlook;
  private final Map<MachineKind, Limits> limits = new EnumMap<>(MachineKind.class);
  private final Map<Ground, List<TopsoilWater>> water = new ConcurrentHashMap<>();
  private final Map<Asked, boolean[]> fitYears = new ConcurrentHashMap<>();

  public FitDays(Outlook outlook) {
    this.outlook = outlook;
    for (MachineKind kind : MachineKind.values()) {
      limits.put(kind, limits(outlook.figures().sheet("fit-days").row(kind.code())));
    }
  }

  /** What is taken as true of work on this farm. */
  public Figures figures() {
    return outlook.figures();
  }

  /** Hours in a working day of this kind, when all of it is fit. */
  public double hoursPerDay(MachineKind kind) {
    return limits.get(kind).hours();
  }

  /** Chance that a date is fit for a job's work on its ground. */
  public double chance(Job job, LocalDate date) {
    return share(years(job, date), i -> true);
  }

  /**
   * Chance that a date is fit for a job's work and its window open, counted over the same years.
   */
  public double chanceOpen(Job job, LocalDate date) {
    return share(years(job, date), i -> job.window().openIn(i, date));
  }

  private boolean[] years(Job job, LocalDate date) {
    Ground ground = new Ground(job.soil(), job.tiled(), job.livingCover());
    return fitYears.computeIfAbsent(new Asked(ground, job.kind(), date), this::counted);
  }

  private static double share(boolean[] fit, IntPredicate also) {
    int both = 0;
    for (int i = 0; i < fit.length; i++) {
      both += fit[i] && also.test(i) ? 1 : 0;
    }
    return (double) both / fit.length;
  }

  /** Hours one may count on that day: chance × working day. */
  public double hours(Job job, LocalDate date) {
    return chance(job, date) * hoursPerDay(job.kind());
  }

  private boolean[] counted(Asked asked) {
    List<TopsoilWater> wet = water.computeIfAbsent(asked.ground(), this::buckets);
    Limits limits = this.limits.get(asked.kind());
    boolean fall = inFall(asked.date());
    double topsoil =
        (fall ? limits.topsoilFall() : limits.topsoil())
            + (asked.ground().livingCover() ? limits.coverBonus() : 0);
    boolean[] fit = new boolean[wet.size()];
    for (int i = 0; i < wet.size(); i++) {
      DailyWeather day = outlook.traces().get(i).on(asked.date());
      boolean sky =
          day.windMph() >= limits.windLow()
              && day.windMph() <= limits.windHigh()
              && day.rainIn() <= limits.rain()
              && day.maxF() >= limits.dayF()
              && day.minF() >= limits.nightF();
      boolean ground = wet.get(i).shareOfCapacity(asked.date()) <= topsoil;
      boolean soft = !limits.openers() || !wet.get(i).frozen(asked.date());
      fit[i] = sky && ground && soft;
    }
    return fit;
  }

  private boolean inFall(LocalDate date) {
    LocalDate north = outlook.site().southern() ? date.minusMonths(6) : date;
    return north.getMonthValue() >= 9;
  }

  private List<TopsoilWater> buckets(Ground ground) {
    double green = ground.livingCover() ? outlook.figures().of(GREEN_SHARE) : 0;
    return outlook.traces().stream()
        .map(
            (WeatherTrace t) ->
                TopsoilWater.run(
                    t, outlook.site(), ground.soil(), ground.tiled(), green, 0, outlook.figures()))
        .toList();
  }

  private record Limits(
      double hours,
      double windLow,
      double windHigh,
      double topsoil,
      double topsoilFall,
      double rain,
      double coverBonus,
      boolean openers,
      double dayF,
      double nightF) {}

  private static Limits limits(Row row) {
    return new Limits(
        row.number("hours"),
        row.number("wind_low"),
        row.number("wind_high"),
        row.number("topsoil"),
        row.number("topsoil_fall"),
        row.number("rain"),
        row.number("living_cover_bonus"),
        row.yes("openers"),
        row.number("day_f"),
        row.number("night_f"));
  }
}
