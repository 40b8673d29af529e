package nimblefurrow.core.cover;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * How much a cover holds weeds down: a dead mat of 4,000 lb/ac by 58 %, one of 8,000 by 88 %; a
 * living cover of 1,200 holds winter weeds down by 63 %. A mean over weeds: small seeds less, large
 * seeds and roots more.
 */
public final class Suppression {
  private static final FigureKey HALF = FigureKey.of("cover", "weeds_half");
  private static final FigureKey POWER = FigureKey.of("cover", "weeds_power");
  private static final FigureKey SMALL = FigureKey.of("cover", "weeds_small");
  private static final FigureKey SMALL_MOST = FigureKey.of("cover", "weeds_small_most");
  private static final FigureKey LARGE = FigureKey.of("cover", "weeds_large");
  private static final FigureKey LIVING = FigureKey.of("cover", "weeds_living");

  private Suppression() {}

  /**
   * Share of weeds of a kind that a dead mat keeps down, 0–1: 5,785 lb/ac keep three of four down
   * on the whole, 83 % of small-seeded ones, 38 % of large-seeded and perennial ones.
   */
  public static double dead(double matLbAc, WeedClass kind, Figures figures) {
    double mean = dead(matLbAc, figures);
    return switch (kind) {
      case MIXED -> mean;
      case SMALL_SEEDED -> Math.min(figures.of(SMALL_MOST), figures.of(SMALL) * mean);
      case LARGE_OR_PERENNIAL -> figures.of(LARGE) * mean;
    };
  }

  /**
   * The mat that keeps as many weeds of a kind down as one keeps down on the whole, lb/ac: 5,785
   * for all are 4,994 for small-seeded ones. Infinite where no mat does.
   */
  public static double matLike(double matLbAc, WeedClass kind, Figures figures) {
    double wanted = dead(matLbAc, figures);
    double times =
        switch (kind) {
          case MIXED -> 1;
          case SMALL_SEEDED -> figures.of(SMALL);
          case LARGE_OR_PERENNIAL -> figures.of(LARGE);
        };
    double most = kind == WeedClass.SMALL_SEEDED ? figures.of(SMALL_MOST) : times;
    return wanted >= most
        ? Double.POSITIVE_INFINITY
        : figures.of(HALF) * Math.pow(-Math.log(1 - wanted / times), 1 / figures.of(POWER));
  }

  /** Share of weeds that a dead mat keeps down, mean of all kinds, 0–1. */
  public static double dead(double matLbAc, Figures figures) {
    return 1 - Math.exp(-Math.pow(Math.max(0, matLbAc) / figures.of(HALF), figures.of(POWER)));
  }

  /** Share of winter weeds that a living cover keeps down, 0–1. */
  public static double living(double matLbAc, Figures figures) {
    return 1 - Math.exp(-Math.max(0, matLbAc) / figures.of(LIVING));
  }
}
