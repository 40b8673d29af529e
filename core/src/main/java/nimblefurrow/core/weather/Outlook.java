package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.Year;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Function;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * All the ways the season may still run as seen on one day: what was observed up to today, then the
 * forecast with an error that grows with its lead, then each climate year's own continuation.
 */
public final class Outlook {
  /** Fewer climate years than this are refused; fewer than {@link #WANTED_YEARS} are flagged. */
  public static final int LEAST_YEARS = 10;

  /** Climate years from which on chances are good to a few percent. */
  public static final int WANTED_YEARS = 25;

  private final LocalDate today;
  private final List<WeatherTrace> traces;
  private final Site site;
  private final Figures figures;

  private Outlook(LocalDate today, List<WeatherTrace> traces, Site site, Figures figures) {
    this.figures = figures;
    this.today = today;
    this.traces = List.copyOf(traces);
    this.site = site;
  }

  /**
   * Composes the ensemble.
   *
   * @param figures what is taken as true of the weather, and of all that is worked out with it
   * @param climate past years, at least {@link #LEAST_YEARS} whole ones
   * @param observed the running season as far as known on {@code today}; days it lacks come from
   *     climate
   * @param forecast the next days as forecast on {@code today}, may be empty
   */
  public static Outlook of(
      Figures figures,
      Site site,
      WeatherRecord climate,
      WeatherRecord observed,
      List<DailyWeather> forecast,
      LocalDate today,
      LocalDate from,
      LocalDate to) {
    List<Integer> years = climate.wholeYears();
    if (years.size() < LEAST_YEARS) {
      throw new OutOfRange(
          "climate years",
          "climate needs %d whole years at least (%d wanted), got %d"
              .formatted(LEAST_YEARS, WANTED_YEARS, years.size()));
    }
    Limits.within("season length", to.toEpochDay() - from.toEpochDay(), 1, 1500, Unit.DAY);
    List<WeatherTrace> traces = new ArrayList<>();
    List<ClimateDay> usual =
        forecast.stream().map(day -> ClimateDay.of(climate, years, day.date(), figures)).toList();
    for (int year : years) {
      traces.add(trace(figures, climate, years, year, observed, forecast, usual, today, from, to));
    }
    return new Outlook(today, traces, site, figures);
  }

  private static WeatherTrace trace(
      Figures figures,
      WeatherRecord climate,
      List<Integer> years,
      int year,
      WeatherRecord observed,
      List<DailyWeather> forecast,
      List<ClimateDay> usual,
      LocalDate today,
      LocalDate from,
      LocalDate to) {
    SplittableRandom random = new SplittableRandom(year * 7919L + today.toEpochDay());
    int length = (int) (to.toEpochDay() - from.toEpochDay() + 1);
    DailyWeather[] days = new DailyWeather[length];
    for (int i = 0; i < length; i++) {
      LocalDate date = from.plusDays(i);
      int lead = (int) (date.toEpochDay() - today.toEpochDay());
      if (lead <= 0 && observed != null && observed.covers(date)) {
        days[i] = observed.on(date);
      } else {
        DailyWeather own = likely(climate, years, year, today, date);
        days[i] =
            lead > 0 && lead <= forecast.size()
                ? leaning(
                    forecast.get(lead - 1),
                    own,
                    usual.get(lead - 1),
                    ForecastError.spreadF(lead, figures),
                    lead,
                    random)
                : own;
      }
    }
    return new WeatherTrace(days);
  }

  /**
   * The same calendar day in the climate year's continuation; the last year runs on into the first.
   */
  private static DailyWeather likely(
      WeatherRecord climate, List<Integer> years, int year, LocalDate today, LocalDate date) {
    int wanted = years.indexOf(year) + date.getYear() - today.getYear();
    int source = years.get(Math.floorMod(wanted, years.size()));
    int day =
        date.getMonthValue() == 2 && date.getDayOfMonth() == 29 && !Year.isLeap(source)
            ? 28
            : date.getDayOfMonth();
    return moved(climate.on(LocalDate.of(source, date.getMonthValue(), day)), date, 0);
  }

  /**
   * A forecast day as one member sees it: off by as much as the member's own year departs from the
   * climate on that day, held to the spread that the truth has about a forecast of this lead.
   */
  private static DailyWeather leaning(
      DailyWeather forecast,
      DailyWeather own,
      ClimateDay usual,
      double errorF,
      int lead,
      SplittableRandom random) {
    double held = Math.min(1, errorF / usual.spreadF());
    double off = (own.meanF() - usual.meanF()) * held;
    boolean trusted = random.nextDouble() < Math.max(0.15, 1 - 0.09 * lead);
    DailyWeather sky = trusted ? forecast : own;
    return moved(
        new DailyWeather(
            forecast.date(),
            forecast.maxF(),
            forecast.minF(),
            sky.rainIn(),
            forecast.snowDepthIn(),
            sky.windMph(),
            sky.humidity(),
            sky.sunMj()),
        forecast.date(),
        off);
  }

  private static DailyWeather moved(DailyWeather day, LocalDate date, double warmerF) {
    return new DailyWeather(
        date,
        day.maxF() + warmerF,
        day.minF() + warmerF,
        day.rainIn(),
        day.snowDepthIn(),
        day.windMph(),
        day.humidity(),
        day.sunMj());
  }

  /** The same outlook with one trace only: enough for a season that lies wholly behind. */
  public Outlook known() {
    return new Outlook(today, traces.subList(0, 1), site, figures);
  }

  /** The day as of which it is told. */
  public LocalDate today() {
    return today;
  }

  /** What is taken as true of weather, plants and work where this outlook is looked at. */
  public Figures figures() {
    return figures;
  }

  /** The same weather seen with a farm's own figures; the traces are shared, not copied. */
  public Outlook with(Figures own) {
    return own.equals(figures) ? this : new Outlook(today, traces, site, own);
  }

  /** Where it is. */
  public Site site() {
    return site;
  }

  /** One trace for each climate year, all alike up to today. */
  public List<WeatherTrace> traces() {
    return traces;
  }

  /** The first day told of. */
  public LocalDate first() {
    return traces.get(0).first();
  }

  /** The last day told of. */
  public LocalDate last() {
    return traces.get(0).last();
  }

  /** Asks every trace the same question; null answers are "not reached". */
  public <T extends Comparable<? super T>> Ensemble<T> each(Function<WeatherTrace, T> question) {
    return Ensemble.of(traces.size(), i -> question.apply(traces.get(i)));
  }
}
