package nimblefurrow.core.cover;

import java.time.LocalDate;
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
  private static final double FALL_WEIGHT = 0.64;
  private static final double FALL_COUNTS_TO = 850;
  private static final double SEEDLING_SHARE = 0.2;
  private static final double STAND_FULLNESS = 3;

  private Growth() {}

  /**
   * Standing dry matter of a winter-hardy species.
   *
   * @param fall °F-days base 40 from seeding to the turn of the year
   * @param spring °F-days base 40 since then (or since seeding, if later)
   */
  public static DryMatter winter(GrowthFigures figures, double fall, double spring) {
    return DryMatter.poundsPerAcre(winterPounds(figures, fall, spring));
  }

  static double winterPounds(GrowthFigures f, double fall, double spring) {
    double effective = FALL_WEIGHT * Math.min(fall, FALL_COUNTS_TO) + spring;
    double curve = risePounds(f.ceiling(), effective, f.middle(), f.spread());
    double seedling = SEEDLING_SHARE * risePounds(f.ceiling(), fall, 900, 300);
    return Math.max(curve, seedling);
  }

  private static double risePounds(double ceiling, double heat, double middle, double spread) {
    return ceiling * Math.exp(-Math.exp(-(heat - middle) / spread));
  }

  /** What a stand lets the curve reach: 0 for no plants, 0.95 for a good stand. */
  public static double standFactor(double stand, double goodStand) {
    Limits.within("stand", stand, 0, 5000, Unit.PER_SQUARE_FOOT);
    return 1 - Math.exp(-STAND_FULLNESS * stand / goodStand);
  }

  /** What nitrogen lets the curve reach: the square root of supply over need, at most 1. */
  public static double nitrogenFactor(double supply, double need) {
    return Math.sqrt(
        Math.min(1, supply / Limits.positive("nitrogen need", need, 1000, Unit.POUND_PER_ACRE)));
  }

  /** Dry matter on a date in one way the weather may run, lb/ac, before stand and nitrogen. */
  static double poundsOn(
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
        : grown * Residue.left(f.cnVegetative(), frost.killed(), date);
  }
}
