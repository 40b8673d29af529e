package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * The growth curve: heat in fall and spring to dry matter, slowed by a thin stand or little
 * nitrogen.
 */
public final class Growth {
  static final FigureKey SEEDLING_SPREAD = FigureKey.of("cover", "seedling_spread");
  static final FigureKey SEEDLING_MIDDLE = FigureKey.of("cover", "seedling_middle");
  static final FigureKey FALL_WEIGHT = FigureKey.of("cover", "fall_weight");
  static final FigureKey FALL_COUNTS_TO = FigureKey.of("cover", "fall_counts_to");
  static final FigureKey SEEDLING_SHARE = FigureKey.of("cover", "seedling_share");
  static final FigureKey STAND_FULLNESS = FigureKey.of("cover", "stand_fullness");

  private final double fallWeight;
  private final double fallCountsTo;
  private final double seedlingShare;
  private final double seedlingMiddle;
  private final double seedlingSpread;
  private final double fullness;

  /** Growth with a farm's figures. */
  public Growth(Figures figures) {
    this.fallWeight = figures.of(FALL_WEIGHT);
    this.fallCountsTo = figures.of(FALL_COUNTS_TO);
    this.seedlingShare = figures.of(SEEDLING_SHARE);
    this.seedlingMiddle = figures.of(SEEDLING_MIDDLE);
    this.seedlingSpread = figures.of(SEEDLING_SPREAD);
    this.fullness = figures.of(STAND_FULLNESS);
  }

  /**
   * Standing dry matter of a winter-hardy species.
   *
   * @param fall °F-days base 40 from seeding to the turn of the year
   * @param spring °F-days base 40 since then (or since seeding, if later)
   */
  public DryMatter winter(GrowthFigures figures, double fall, double spring) {
    return DryMatter.poundsPerAcre(winterPounds(figures, fall, spring));
  }

  double winterPounds(GrowthFigures f, double fall, double spring) {
    double effective = fallWeight * Math.min(fall, fallCountsTo) + spring;
    double curve = risePounds(f.ceiling(), effective, f.middle(), f.spread());
    double seedling = seedlingShare * risePounds(f.ceiling(), fall, seedlingMiddle, seedlingSpread);
    return Math.max(curve, seedling);
  }

  private static double risePounds(double ceiling, double heat, double middle, double spread) {
    return ceiling * Math.exp(-Math.exp(-(heat - middle) / spread));
  }

  /** What a stand lets the curve reach: 0 for no plants, 0.95 for a good stand. */
  public double standFactor(double stand, double goodStand) {
    Limits.within("stand", stand, 0, 5000, Unit.PER_SQUARE_FOOT);
    return 1 - Math.exp(-fullness * stand / goodStand);
  }

  /** What nitrogen lets the curve reach: the square root of supply over need, at most 1. */
  public static double nitrogenFactor(double supply, double need) {
    return Math.sqrt(
        Math.min(1, supply / Limits.positive("nitrogen need", need, 1000, Unit.POUND_PER_ACRE)));
  }

  /** Dry matter on a date in one way the weather may run, lb/ac, before stand and nitrogen. */
  double poundsOn(
      Species species,
      WeatherTrace trace,
      Site site,
      LocalDate seeded,
      LocalDate date,
      Frost frost) {
    if (date.isBefore(seeded)) {
      return 0;
    }
    LocalDate spring = site.springStart(seeded);
    if (species.winterHardy()) {
      LocalDate fallEnd = date.isBefore(spring) ? date : spring.minusDays(1);
      LocalDate from = seeded.isAfter(spring) ? seeded : spring;
      return winterPounds(
          species.growth(),
          trace.degreeDays(HeatBase.BASE_40, seeded, fallEnd),
          trace.degreeDays(HeatBase.BASE_40, from, date));
    }
    LocalDate growsTo =
        frost.stopped() == null || date.isBefore(frost.stopped()) ? date : frost.stopped();
    double heat = trace.degreeDays(species.useful().base(), seeded, growsTo);
    GrowthFigures f = species.growth();
    double grown = risePounds(f.ceiling(), heat, f.middle(), f.spread());
    return frost.killed() == null || !date.isAfter(frost.killed())
        ? grown
        : grown * Residue.left(species.figures(), f.cnVegetative(), frost.killed(), date);
  }
}
