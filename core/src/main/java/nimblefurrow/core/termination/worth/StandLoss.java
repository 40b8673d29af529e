package nimblefurrow.core.termination.worth;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Plants lost to the mat they come up through: into 4,800 lb/ac of green rye 1.44 %, into 3,700
 * lb/ac sprayed eight days before 6.6 %, on wet ground 10 %. Half-dead covers are the worst:
 * neither stiff nor brittle.
 */
public final class StandLoss {
  private static final FigureKey GREEN = FigureKey.of("worth", "stand_green");
  private static final FigureKey GREEN_FROM = FigureKey.of("worth", "stand_green_from");
  private static final FigureKey HALF = FigureKey.of("worth", "stand_half");
  private static final FigureKey HALF_FROM = FigureKey.of("worth", "stand_half_from");
  private static final FigureKey DEAD_FROM = FigureKey.of("worth", "stand_dead_from");
  private static final FigureKey WET = FigureKey.of("worth", "stand_wet");
  private static final FigureKey WET_FROM = FigureKey.of("worth", "stand_wet_from");
  private static final FigureKey HALF_DAYS = FigureKey.of("worth", "stand_half_days");
  private static final FigureKey HALF_LAST = FigureKey.of("worth", "stand_half_last");
  private static final FigureKey BRITTLE = FigureKey.of("worth", "stand_brittle");
  private static final FigureKey ROLLED_AFTER = FigureKey.of("worth", "stand_rolled_after");
  private static final FigureKey MOST = FigureKey.of("worth", "stand_most");
  private static final FigureKey FITTED = FigureKey.of("worth", "stand_fitted");

  private StandLoss() {}

  /**
   * Plants lost, %.
   *
   * @param matLbAc that the crop is planted into, dry
   * @param gap days from the cover's death to planting; 0 or less: planted green
   * @param wet whether the ground is wet at planting
   * @param fitted whether the planter is set up for it
   * @param rolledAfter whether it is rolled over the crop
   */
  public static double percent(
      double matLbAc, long gap, boolean wet, boolean fitted, boolean rolledAfter, Figures f) {
    double k = matLbAc / 1000;
    double green = f.of(GREEN) * over(k, f.of(GREEN_FROM));
    double half = f.of(HALF) * over(k, f.of(HALF_FROM));
    double dead = over(k, f.of(DEAD_FROM));
    double loss =
        gap <= 0
            ? green
            : gap < f.of(HALF_DAYS)
                ? between(green, half, gap / f.of(HALF_DAYS))
                : gap <= f.of(HALF_LAST)
                    ? half
                    : gap < f.of(BRITTLE)
                        ? between(
                            half, dead, (gap - f.of(HALF_LAST)) / (f.of(BRITTLE) - f.of(HALF_LAST)))
                        : dead;
    if (wet && gap > 0) {
      loss += f.of(WET) * over(k, f.of(WET_FROM));
    }
    loss = Math.min(f.of(MOST), loss) * (fitted ? f.of(FITTED) : 1);
    return rolledAfter ? loss + f.of(ROLLED_AFTER) : loss;
  }

  private static double over(double k, double from) {
    return Math.max(0, k - from);
  }

  private static double between(double a, double b, double share) {
    return a + share * (b - a);
  }
}
