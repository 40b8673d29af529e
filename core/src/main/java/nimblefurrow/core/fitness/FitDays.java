package nimblefurrow.core.fitness;

import static java.time.temporal.ChronoUnit.DAYS;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.TopsoilWater;
import nimblefurrow.core.weather.WeatherTrace;
import nimblefurrow.core.yard.MachineKind;

/**
 * How likely a day is fit for a kind of work on a soil: topsoil not too wet or frozen for wheels
 * and openers, wind for what flies or sprays, rain, warmth for a systemic spray.
 */
public final class FitDays {
  private record Asked(List<Footing> grounds, MachineKind kind) {}

  /** The days of one kind of work on one footing, each counted when first asked for. */
  private record Days(boolean[][] fit, double[] chance) {}

  private static final int MOST_SEEN = 400;
  private static final FigureKey LEAST_FIT = FigureKey.of("work", "least_fit");
  private static final FigureKey GREEN_SHARE = FigureKey.of("work", "green_share");

  private final Outlook outlook;
  private final Map<MachineKind, Limits> limits = new EnumMap<>(MachineKind.class);
  private final Map<Footing, List<TopsoilWater>> water = new ConcurrentHashMap<>();
  private final Map<Asked, Days> days = new ConcurrentHashMap<>();

  /** Ground on which something was read or felt changes with every reading: the last are kept. */
  private final Map<Footing, List<TopsoilWater>> seenWater = mostRecent();

  private final Map<Asked, Days> seenDays = mostRecent();

  private static <K, V> Map<K, V> mostRecent() {
    return Collections.synchronizedMap(
        new LinkedHashMap<>(16, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > MOST_SEEN;
          }
        });
  }

  /** Fit days in an outlook's weather; each is counted when it is first asked for. */
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

  /** The last day of which the weather is told. */
  public LocalDate last() {
    return outlook.last();
  }

  /** Hours in a working day of this kind, when all of it is fit. */
  public double hoursPerDay(MachineKind kind) {
    return limits.get(kind).hours();
  }

  /** Chance that a date is fit for a kind of work on a ground. */
  public Share chance(Footing ground, MachineKind kind, LocalDate date) {
    return Share.of(chance(List.of(ground), kind, date));
  }

  /** Fit days of a stretch in each climate year, both ends with it. */
  public Ensemble<Integer> fitDays(Footing ground, MachineKind kind, LocalDate from, LocalDate to) {
    List<boolean[]> each =
        from.datesUntil(to.plusDays(1)).map(day -> years(List.of(ground), kind, day)).toList();
    return Ensemble.of(
        outlook.traces().size(), i -> (int) each.stream().filter(fit -> fit[i]).count());
  }

  /**
   * Whether a date is fit on all of some grounds, by climate year.
   *
   * @return the array that is kept; it is not to be written to
   */
  public boolean[] years(List<Footing> grounds, MachineKind kind, LocalDate date) {
    Days known = days(grounds, kind);
    int day = day(date);
    if (known.fit()[day] == null) {
      known.fit()[day] = counted(grounds, kind, date);
    }
    return known.fit()[day];
  }

  /** Chance that a date is fit for a kind of work on all of some grounds, 0–1. */
  public double chance(List<Footing> grounds, MachineKind kind, LocalDate date) {
    Days known = days(grounds, kind);
    int day = day(date);
    if (known.chance()[day] < 0) {
      known.chance()[day] = share(years(grounds, kind, date));
    }
    return known.chance()[day];
  }

  private List<TopsoilWater> water(Footing ground) {
    Map<Footing, List<TopsoilWater>> known =
        ground.seen().equals(GroundSeen.NOTHING) ? water : seenWater;
    return known.computeIfAbsent(ground, this::buckets);
  }

  private Days days(List<Footing> grounds, MachineKind kind) {
    boolean plain = grounds.stream().allMatch(g -> g.seen().equals(GroundSeen.NOTHING));
    return (plain ? days : seenDays)
        .computeIfAbsent(
            new Asked(grounds, kind),
            asked -> {
              int all = day(outlook.last()) + 1;
              double[] chance = new double[all];
              Arrays.fill(chance, -1);
              return new Days(new boolean[all][], chance);
            });
  }

  private int day(LocalDate date) {
    long last = DAYS.between(outlook.first(), outlook.last());
    return (int) Math.max(0, Math.min(last, DAYS.between(outlook.first(), date)));
  }

  /** Fit hours of each of some days from a first one in one climate year, counted from 0. */
  public double[] fitHours(
      List<Footing> grounds, MachineKind kind, LocalDate first, int count, int year) {
    Days known = days(grounds, kind);
    double whole = hoursPerDay(kind);
    double[] hours = new double[count];
    for (int d = 0; d < count; d++) {
      LocalDate date = first.plusDays(d);
      boolean[] fit = known.fit()[day(date)];
      hours[d] = (fit == null ? years(grounds, kind, date) : fit)[year] ? whole : 0;
    }
    return hours;
  }

  /**
   * Hours that may be counted on, of each of some days from a first one: chance × working day,
   * nothing on days that are too unlikely.
   */
  public double[] countedHours(
      List<Footing> grounds, MachineKind kind, LocalDate first, int count) {
    double least = figures().of(LEAST_FIT);
    Days known = days(grounds, kind);
    double[] hours = new double[count];
    for (int d = 0; d < count; d++) {
      LocalDate date = first.plusDays(d);
      double kept = known.chance()[day(date)];
      double chance = kept < 0 ? chance(grounds, kind, date) : kept;
      hours[d] = chance < least ? 0 : chance * hoursPerDay(kind);
    }
    return hours;
  }

  private static double share(boolean[] fit) {
    int fitYears = 0;
    for (boolean one : fit) {
      fitYears += one ? 1 : 0;
    }
    return (double) fitYears / fit.length;
  }

  /** How many climate years there are. */
  public int memberYears() {
    return outlook.traces().size();
  }

  /** Whether a day is fit for a kind of work on a ground, by climate year. */
  public boolean[] fitYears(Footing ground, MachineKind kind, LocalDate date) {
    return years(List.of(ground), kind, date).clone();
  }

  /** Water of a ground's topsoil on a day in each climate year, share of field capacity. */
  public Ensemble<Double> topsoil(Footing ground, LocalDate date) {
    List<TopsoilWater> wet = water(ground);
    return Ensemble.of(wet.size(), i -> wet.get(i).shareOfCapacity(date));
  }

  private boolean[] counted(List<Footing> grounds, MachineKind kind, LocalDate date) {
    boolean[] all = null;
    for (Footing ground : grounds) {
      boolean[] one =
          grounds.size() == 1 ? counted(ground, kind, date) : years(List.of(ground), kind, date);
      if (all == null) {
        all = one.clone();
      } else {
        for (int i = 0; i < all.length; i++) {
          all[i] &= one[i];
        }
      }
    }
    return all;
  }

  private boolean[] counted(Footing footing, MachineKind kind, LocalDate date) {
    List<TopsoilWater> wet = water(footing);
    Limits limits = this.limits.get(kind);
    boolean fall = inFall(date);
    double topsoil =
        (fall ? limits.topsoilFall() : limits.topsoil())
            + (footing.livingCover() ? limits.coverBonus() : 0);
    boolean[] fit = new boolean[wet.size()];
    for (int i = 0; i < wet.size(); i++) {
      DailyWeather day = outlook.traces().get(i).on(date);
      boolean sky =
          day.windMph() >= limits.windLow()
              && day.windMph() <= limits.windHigh()
              && day.rainIn() <= limits.rain()
              && day.maxF() >= limits.dayF()
              && day.minF() >= limits.nightF();
      boolean ground = wet.get(i).shareOfCapacity(date) <= topsoil;
      boolean soft = !limits.openers() || !wet.get(i).frozen(date);
      fit[i] = sky && ground && soft;
    }
    return fit;
  }

  private boolean inFall(LocalDate date) {
    LocalDate north = outlook.site().southern() ? date.minusMonths(6) : date;
    return north.getMonthValue() >= 9;
  }

  private List<TopsoilWater> buckets(Footing ground) {
    double green = ground.livingCover() ? outlook.figures().of(GREEN_SHARE) : 0;
    return outlook.traces().stream()
        .map(
            (WeatherTrace t) ->
                TopsoilWater.run(
                    t,
                    outlook.site(),
                    ground.soil(),
                    ground.tiled(),
                    green,
                    0,
                    ground.seen(),
                    outlook.figures()))
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
