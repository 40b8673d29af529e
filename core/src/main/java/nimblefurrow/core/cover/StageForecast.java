package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * When the stems of one species reach each stage, by heat from spring for what lives through
 * winter, from sowing for what frost ends. A stage's mean is the day on which half of the stems
 * have; stems of one field scatter with an SD of 45 °F-days, and the field itself strays from the
 * figures, less so once it was counted. Dates hold the weather's spread and the field's own
 * together: each year of the weather stands there with several fields that differ.
 */
public final class StageForecast {
  /**
   * How far the stems of one field are apart: the standard deviation of a stage over stems,
   * °F-days.
   */
  public static final FigureKey STEM_SPREAD = FigureKey.of("cover", "stem_spread");

  private static final FigureKey LATER_PER_WEEK = FigureKey.of("cover", "later_per_week");
  private static final FigureKey LATER_AT_MOST = FigureKey.of("cover", "later_at_most");
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  /** Fields that may differ, told of in each year of the weather. */
  private static final int FIELDS = 15;

  private final NormalDistribution stems;
  private final double[] strays;
  private final StageBelief belief;

  private final Species species;
  private final CoverStand stand;
  private final Outlook outlook;
  private final LocalDate start;
  private final Map<CoverStage, Double> means;
  private final HeatBase base;
  private final double shift;

  /** Days on which a heat is reached; several ways of ending ask for the same one. */
  private final Map<Double, Ensemble<LocalDate>> reached = new ConcurrentHashMap<>();

  /** Stages of one member of a stand in an outlook's weather. */
  public StageForecast(Species species, CoverStand stand, Outlook outlook) {
    this.species = species;
    this.stand = stand;
    this.outlook = outlook;
    this.stems = NormalDistribution.of(0, outlook.figures().of(STEM_SPREAD));
    LocalDate spring = outlook.site().springStart(stand.seeded());
    boolean winter = species.winterHardy();
    this.start = !winter || stand.seeded().isAfter(spring) ? stand.seeded() : spring;
    SummerStages summer = winter ? null : SummerStages.of(species);
    this.means = winter ? species.stages() : summer.means();
    this.base = winter ? HeatBase.BASE_40 : summer.base();
    this.belief = belief(species, stand);
    this.shift = shift(species, stand, outlook.site());
    this.strays = strays(species);
  }

  private static StageBelief belief(Species species, CoverStand stand) {
    StageBelief counted = stand.seen().stages().get(species.id());
    return counted == null ? StageBelief.uncounted(species.figures()) : counted;
  }

  /** °F-days by which the stages of a member come later than the figures. */
  static double shift(Species species, CoverStand stand, Site site) {
    return lateness(species, stand.seeded(), site) + belief(species, stand).laterBy();
  }

  /**
   * How far the fields that may be stray, in SDs: the one that does not first, the others in an
   * order of the species' own, so that two species of a mix do not stray together.
   */
  private static double[] strays(Species species) {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < FIELDS; i++) {
      all.add(UNIT.inverseCumulativeProbability((i + 0.5) / FIELDS));
    }
    double middle = all.remove(FIELDS / 2);
    Collections.shuffle(all, new Random(species.id().hashCode()));
    all.add(0, middle);
    return all.stream().mapToDouble(Double::doubleValue).toArray();
  }

  /** The members of a mix that live in spring, in its order. */
  public static List<StageForecast> alive(CoverStand stand, Outlook outlook) {
    return stand.mix().winterHardy().stream()
        .map(species -> new StageForecast(species, stand, outlook))
        .toList();
  }

  /** The member that it is of. */
  public Species species() {
    return species;
  }

  /** °F-days by which small grains sown after 20 September come later, at most 150. */
  public static double lateness(Species species, LocalDate seeded, Site site) {
    if (!species.smallGrain() || !species.winterHardy()) {
      return 0;
    }
    LocalDate usual = site.season(site.springStart(seeded).minusMonths(4).getYear(), 9, 20);
    Figures figures = species.figures();
    double weeks = ChronoUnit.DAYS.between(usual, seeded) / 7.0;
    return Math.min(figures.of(LATER_AT_MOST), figures.of(LATER_PER_WEEK) * Math.max(0, weeks));
  }

  /** Mean of the field's stems for a stage, °F-days since {@link #start}; empty when unknown. */
  public Optional<Double> mean(CoverStage stage) {
    return Optional.ofNullable(means.get(stage)).map(m -> m + shift);
  }

  /** When the given share of stems has reached a stage. */
  public Optional<DateForecast> when(CoverStage stage, Share stems) {
    return heatAt(stage, stems).map(this::at);
  }

  /** The heat since {@link #start} at which a share of the stems has reached a stage, °F-days. */
  public Optional<Double> heatAt(CoverStage stage, Share stems) {
    return mean(stage).map(m -> m + this.stems.inverseCumulativeProbability(stems.fraction()));
  }

  /** When half of the stems have reached a stage. */
  public Optional<DateForecast> when(CoverStage stage) {
    return mean(stage).map(this::at);
  }

  /** When the field reaches a goal of heat, as a share of its stems asks for it. */
  public DateForecast at(double goal) {
    return DateForecast.of(reached(goal));
  }

  /**
   * The same by climate year, once for each field that may be: first every year of the field that
   * does not stray, then every year of the next.
   *
   * @param goal °F-days since {@link #start}, as the field is held to be
   */
  public Ensemble<LocalDate> reached(double goal) {
    return reached.computeIfAbsent(goal, this::reachedByYear);
  }

  private Ensemble<LocalDate> reachedByYear(double goal) {
    int years = outlook.traces().size();
    double sd = belief.sdOf(goal, outlook.figures());
    return Ensemble.of(
        years * FIELDS,
        i ->
            outlook
                .traces()
                .get(i % years)
                .reaches(start, Heat.of(Math.max(0, goal + sd * strays[i / years]), base)));
  }

  /**
   * Chance that the field has reached a goal by the evening of a day, over the years of the weather
   * and all that the field may stray.
   */
  public Share chanceReached(double goal, LocalDate date) {
    double sd = belief.sdOf(goal, outlook.figures());
    Ensemble<Double> heat = heatOn(date);
    double sum = 0;
    for (int i = 0; i < heat.years(); i++) {
      sum += UNIT.cumulativeProbability((heat.in(i).orElseThrow() - goal) / sd);
    }
    return Share.of(sum / heat.years());
  }

  /** Heat gathered up to and with a date in the middle year. */
  public double middleHeatOn(LocalDate date) {
    return heatOn(date).middle().orElseThrow();
  }

  /** Heat gathered up to and with a date in each climate year. */
  public Ensemble<Double> heatOn(LocalDate date) {
    return outlook.each(t -> t.degreeDays(base, start, date));
  }

  /** Share of stems past a mean at a heat. */
  public double sharePast(double heat, double mean) {
    return stems.cumulativeProbability(heat - mean);
  }

  /** Share of stems that have reached each stage on a date, in the middle year. */
  public Map<CoverStage, Double> sharesOn(LocalDate date) {
    double middle = middleHeatOn(date);
    Map<CoverStage, Double> shares = new EnumMap<>(CoverStage.class);
    for (CoverStage stage : CoverStage.values()) {
      mean(stage).ifPresent(m -> shares.put(stage, sharePast(middle, m)));
    }
    return shares;
  }

  /** What is held of its stages. */
  public StageBelief belief() {
    return belief;
  }

  /** The day from which spring heat is counted. */
  public LocalDate start() {
    return start;
  }

  /** The stand that it is of. */
  public CoverStand stand() {
    return stand;
  }
}
