package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.RootZone;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.Sunlight;
import nimblefurrow.core.weather.WeatherTrace;
import nimblefurrow.core.yard.MachineKind;

/** What a cover is made of, and what it has drunk, on each day of a spring: worked out once. */
final class SpringDays {
  private static final FigureKey WET = FigureKey.of("worth", "stand_wet_water");

  private final MatForecast mat;
  private final LocalDate first;
  private final double[] carbon;
  private final double[] grass;
  private final double[][] drawn;
  private final double[][] rain;
  private final double[][] warm;
  private final FitDays fit;
  private final Map<Work, boolean[][]> fits = new HashMap<>();
  private final boolean[][] wet;

  private record Work(Footing ground, MachineKind kind) {}

  SpringDays(MatForecast mat, FitDays fit, Footing bare, LocalDate first, LocalDate last) {
    this.mat = mat;
    this.fit = fit;
    this.first = first;
    int days = (int) Math.max(0, last.toEpochDay() - first.toEpochDay() + 1);
    this.carbon = new double[days];
    this.grass = new double[days];
    for (int d = 0; d < days; d++) {
      carbon[d] = Nitrogen.carbonOfMix(mat, first.plusDays(d));
      grass[d] = grassShare(first.plusDays(d));
    }
    this.drawn = new double[mat.outlook().traces().size()][];
    for (int year = 0; year < drawn.length; year++) {
      drawn[year] = drawn(year, days, bare.soil(), bare.seen());
    }
    this.rain = new double[drawn.length][];
    this.warm = new double[drawn.length][];
    for (int year = 0; year < drawn.length; year++) {
      WeatherTrace trace = mat.outlook().traces().get(year);
      rain[year] = summed(trace.daily("rain", d -> d.rainIn()));
      warm[year] = summed(Residue.warmDays(trace, mat.outlook().figures()));
    }
    this.wet = new boolean[days][drawn.length];
    double limit = mat.outlook().figures().of(WET);
    for (int d = 0; d < days; d++) {
      Ensemble<Double> water = fit.topsoil(bare, first.plusDays(d));
      for (int year = 0; year < drawn.length; year++) {
        wet[d][year] = water.in(year).orElse(0.0) > limit;
      }
    }
  }

  private static double[] summed(double[] daily) {
    double[] sums = new double[daily.length + 1];
    for (int i = 0; i < daily.length; i++) {
      sums[i + 1] = sums[i] + daily[i];
    }
    return sums;
  }

  private double sum(double[][] of, int year, LocalDate after, LocalDate to) {
    double[] sums = of[year];
    long start = mat.outlook().traces().get(year).first().toEpochDay();
    int low = (int) Math.max(0, Math.min(sums.length - 1L, after.toEpochDay() + 1 - start));
    int high = (int) Math.max(low, Math.min(sums.length - 1L, to.toEpochDay() + 1 - start));
    return sums[high] - sums[low];
  }

  /** Rain of the days after a day, in. */
  double rainAfter(int year, LocalDate day, int days) {
    return sum(rain, year, day, day.plusDays(days));
  }

  /** Warm weeks after one day up to and with another. */
  double warmWeeks(int year, LocalDate dead, LocalDate to) {
    return sum(warm, year, dead, to) / 7;
  }

  /** Whether bare ground is wet on a day. */
  boolean wet(int year, LocalDate date) {
    return wet[index(date)][year];
  }

  /** Whether a day is fit for a kind of work on a ground. */
  boolean fit(int year, Footing ground, MachineKind kind, LocalDate date) {
    boolean[][] days =
        fits.computeIfAbsent(new Work(ground, kind), w -> new boolean[carbon.length][]);
    int day = index(date);
    if (days[day] == null) {
      days[day] = fit.fitYears(ground, kind, date);
    }
    return days[day][year];
  }

  /** Carbon to nitrogen of the mix. */
  double carbon(LocalDate date) {
    return carbon[index(date)];
  }

  /** Share of the mix that is grass, by weight. */
  double grass(LocalDate date) {
    return grass[index(date)];
  }

  /** Inches drawn from the root zone by then beyond what bare ground loses. */
  double drawn(int year, LocalDate date) {
    return drawn[year][index(date)];
  }

  private int index(LocalDate date) {
    return (int) Math.max(0, Math.min(carbon.length - 1L, date.toEpochDay() - first.toEpochDay()));
  }

  private double grassShare(LocalDate date) {
    double[] members = mat.membersOn(date);
    double whole = Arrays.stream(members).sum();
    double sum = 0;
    for (int m = 0; m < members.length; m++) {
      if (mat.stand().mix().members().get(m).species().family() == Family.GRASS) {
        sum += members[m];
      }
    }
    return whole <= 0 ? 0 : sum / whole;
  }

  private double[] drawn(int year, int days, SoilTexture soil, GroundSeen seen) {
    double[] inches = new double[days];
    Outlook outlook = mat.outlook();
    WeatherTrace trace = outlook.traces().get(year);
    Sunlight.Pull asked = new Sunlight.Pull(outlook.site().latitude());
    double[] pull = trace.daily(asked, asked);
    double full = RootZone.capacity(soil, outlook.figures());
    RootZone green = new RootZone(soil, full, outlook.figures());
    RootZone open = new RootZone(soil, full, outlook.figures());
    int from = (int) (mat.stand().spring(outlook.site()).toEpochDay() - trace.first().toEpochDay());
    int shown = (int) (first.toEpochDay() - trace.first().toEpochDay());
    for (int i = Math.max(0, from); i < Math.min(pull.length, shown + days); i++) {
      LocalDate day = trace.first().plusDays(i);
      double rain = seen.rainOn(day, trace.on(day).rainIn());
      green.day(pull[i], rain, mat.groundCoverInYear(year, day), 1);
      open.day(pull[i], rain, 0, 1);
      if (i >= shown) {
        inches[i - shown] = Math.max(0, open.inches() - green.inches());
      }
    }
    return inches;
  }
}
