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
  private static final FigureKey LIVING = FigureKey.of("cover", "weeds_living");

  private Suppression() {}

  /** Share of weeds that a dead mat keeps down, 0–1. */
  public static double dead(double matLbAc, Figures figures) {
    return 1 - Math.exp(-Math.pow(Math.max(0, matLbAc) / figures.of(HALF), figures.of(POWER)));
  }

  /** Share of winter weeds that a living cover keeps down, 0–1. */
  public static double living(double matLbAc, Figures figures) {
    return 1 - Math.exp(-Math.max(0, matLbAc) / figures.of(LIVING));
  }
}
