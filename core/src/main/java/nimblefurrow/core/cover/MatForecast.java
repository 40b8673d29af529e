package nimblefurrow.core.cover;

import java.lang.ref.SoftReference;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.LogMixture;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.weather.Outlook;

/**
 * Dry matter of a cover on any date over every way the season may run, the curve's own error
 * included: years of 5,200 to 8,300 lb/ac give 4,195 to 10,652 about 6,707. Winter-hardy members
 * are shown as living through the winter; the chance that they do not stands beside, see {@link
 * Winter}. It grows each member once, when first asked.
 */
public final class MatForecast {
  private static final FigureKey SHARE_POWER = FigureKey.of("cover", "mix_share_power");
  private static final FigureKey MIX_GAIN = FigureKey.of("cover", "mix_gain");
  private static final int MOST_DAYS = 500;
  private static final double MOST_TIMES = 64;
  private static final double MOST_POUNDS = 20_000;
  private static final double NUDGE = 0.05;
  private static final int STEPS = 30;

  private final CoverStand stand;
  private final Outlook outlook;
  private final List<Growth> growth = new ArrayList<>();
  private final double sharePower;
  private final double mixGain;
  private final int days;
  private SoftReference<float[][][]> grown = new SoftReference<>(null);

  /** Ranges told so far; several ways of ending fall on the same day. */
  private final Map<LocalDate, Spread> told = new ConcurrentHashMap<>();

  /** The same cover, had something else been seen of it: asked again and again, grown once. */
  private final Map<CoverSeen, MatForecast> otherwise = new ConcurrentHashMap<>();

  /** What a stand will weigh in an outlook's weather. */
  public MatForecast(CoverStand stand, Outlook outlook) {
    this.stand = stand;
    this.outlook = outlook;
    Figures figures = outlook.figures();
    this.sharePower = figures.of(SHARE_POWER);
    this.mixGain = figures.of(MIX_GAIN);
    stand.mix().members().forEach(m -> growth.add(new Growth(m.species(), stand, outlook.site())));
    long told = outlook.last().toEpochDay() - stand.seeded().toEpochDay() + 1;
    this.days = (int) Math.max(1, Math.min(MOST_DAYS, told));
  }

  /** The stand that it is of. */
  public CoverStand stand() {
    return stand;
  }

  /** What it would weigh had something else been seen of it, for example a poor stand. */
  public MatForecast otherwise(CoverSeen seen) {
    return otherwise.computeIfAbsent(seen, s -> new MatForecast(stand.with(s), outlook));
  }

  /** The weather that it grows in. */
  public Outlook outlook() {
    return outlook;
  }

  /**
   * About what it holds in memory once it has grown: a number for each member, day and climate
   * year, twice over where it is also asked how it would be, had something else been seen.
   */
  public int bytes() {
    return 2 * Float.BYTES * growth.size() * days * outlook.traces().size();
  }

  /** The 10–50–90 % range of standing dry matter on a date, lb/ac. */
  public Spread on(LocalDate date) {
    return told.computeIfAbsent(date, day -> mixture(day).spread());
  }

  /** Chance that the mat weighs at least this much on a date. */
  public double chanceOfAtLeast(DryMatter wanted, LocalDate date) {
    return mixture(date).chanceOfAtLeast(wanted.poundsPerAcre());
  }

  /** The curve's middle on a date, whatever was clipped, to set a clipped sample against. */
  public DryMatter curveOn(LocalDate date) {
    return DryMatter.poundsPerAcre(
        outlookYears(year -> mixPounds(year, date)).middle().orElseThrow());
  }

  /** The share of the ground that it covers on a date, 0–1, in the middle year. */
  public double groundCoverOn(LocalDate date) {
    return outlookYears(year -> groundCover(parts(year, date))).middle().orElseThrow();
  }

  /**
   * What the stand weighs when it covers so much of the ground, as its members stand to each other
   * on a date, in the middle year; and by how much its ground cover grows with its weight there.
   *
   * @param share covered, 0–1
   */
  public Covering covering(double share, LocalDate date) {
    List<double[]> years = new ArrayList<>();
    for (int year = 0; year < outlook.traces().size(); year++) {
      years.add(parts(year, date));
    }
    double[] parts =
        years.stream()
            .sorted(Comparator.comparingDouble(p -> Arrays.stream(p).sum()))
            .toList()
            .get(years.size() / 2);
    double low = 0;
    double high = 1;
    while (groundCover(times(parts, high)) < share && high < MOST_TIMES) {
      high *= 2;
    }
    for (int step = 0; step < STEPS; step++) {
      double middle = (low + high) / 2;
      if (groundCover(times(parts, middle)) < share) {
        low = middle;
      } else {
        high = middle;
      }
    }
    double pounds = Arrays.stream(parts).sum() * held(parts) * high;
    double slope =
        (groundCover(times(parts, high * (1 + NUDGE)))
                - groundCover(times(parts, high * (1 - NUDGE))))
            / (2 * NUDGE);
    return new Covering(DryMatter.poundsPerAcre(Math.min(MOST_POUNDS, pounds)), slope);
  }

  /**
   * A weight told by ground cover.
   *
   * @param slope share of the ground that a change of the weight by all of it adds; 0 where the
   *     ground is closed, and nothing is told
   */
  public record Covering(DryMatter mat, double slope) {}

  private static double[] times(double[] parts, double factor) {
    return Arrays.stream(parts).map(p -> p * factor).toArray();
  }

  private Ensemble<Double> outlookYears(java.util.function.IntFunction<Double> of) {
    return Ensemble.of(outlook.traces().size(), of);
  }

  private LogMixture mixture(LocalDate date) {
    Figures figures = outlook.figures();
    MatBelief belief = stand.seen().mat().on(date, figures);
    double sure = Math.sqrt(belief.variance());
    int years = outlook.traces().size();
    double[] middles = new double[years];
    double[] spreads = new double[years];
    for (int year = 0; year < years; year++) {
      double[] parts = parts(year, date);
      double error = MatBelief.error(groundCover(parts), figures);
      middles[year] = Arrays.stream(parts).sum() * held(parts) * Math.exp(error * belief.lean());
      spreads[year] = error * sure;
    }
    return new LogMixture(middles, spreads);
  }

  /**
   * What stands on a date in one climate year, as a field that strays so far from the curve.
   *
   * @param strays SDs of what is still unknown of the field's growth
   * @return lb/ac dry
   */
  public double inYear(int year, LocalDate date, double strays) {
    MatBelief belief = stand.seen().mat().on(date, outlook.figures());
    double[] parts = parts(year, date);
    double error = MatBelief.error(groundCover(parts), outlook.figures());
    double off = belief.lean() + Math.sqrt(belief.variance()) * strays;
    return Arrays.stream(parts).sum() * held(parts) * Math.exp(error * off);
  }

  /** Ground covered on a date in one climate year, 0–1. */
  public double groundCoverInYear(int year, LocalDate date) {
    return groundCover(parts(year, date));
  }

  /** Ground that the members cover together. */
  private double groundCover(double[] parts) {
    double open = 1;
    for (int m = 0; m < parts.length; m++) {
      open *= 1 - growth.get(m).groundCover(parts[m]);
    }
    return 1 - open;
  }

  /** Dry matter that each member brings to the mix on a date, mean of the years, lb/ac. */
  public double[] membersOn(LocalDate date) {
    int years = outlook.traces().size();
    double[] mean = new double[stand.mix().members().size()];
    for (int year = 0; year < years; year++) {
      double[] parts = parts(year, date);
      double held = held(parts);
      for (int m = 0; m < mean.length; m++) {
        mean[m] += parts[m] * held / years;
      }
    }
    return mean;
  }

  private double mixPounds(int year, LocalDate date) {
    double[] parts = parts(year, date);
    return Arrays.stream(parts).sum() * held(parts);
  }

  /** What a mix may weigh at most beside the best member alone, as a factor on its parts. */
  private double held(double[] parts) {
    double sum = 0;
    double best = 0;
    for (int m = 0; m < parts.length; m++) {
      sum += parts[m];
      best = Math.max(best, parts[m] / crowding(m));
    }
    return sum > mixGain * best ? mixGain * best / sum : 1;
  }

  private double crowding(int member) {
    return Math.pow(Math.min(1, stand.mix().members().get(member).share()), sharePower);
  }

  private double[] parts(int year, LocalDate date) {
    float[][] byMember = grown()[year];
    double[] parts = new double[byMember.length];
    if (date.isBefore(stand.seeded())) {
      return parts;
    }
    int day = (int) Math.min(days - 1L, date.toEpochDay() - stand.seeded().toEpochDay());
    for (int m = 0; m < parts.length; m++) {
      parts[m] = byMember[m][day] * crowding(m);
    }
    return parts;
  }

  private float[][][] grown() {
    float[][][] now = grown.get();
    if (now == null) {
      now = new float[outlook.traces().size()][growth.size()][];
      for (int year = 0; year < now.length; year++) {
        for (int m = 0; m < growth.size(); m++) {
          now[year][m] = growth.get(m).run(outlook.traces().get(year), days);
        }
      }
      grown = new SoftReference<>(now);
    }
    return now;
  }
}
