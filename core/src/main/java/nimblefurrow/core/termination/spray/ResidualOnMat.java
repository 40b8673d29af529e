package nimblefurrow.core.termination.spray;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What reaches the soil of a residual sprayed over a cover: 37 % through 5,000 lb/ac, 75 % once
 * half an inch of rain has washed it down.
 */
public final class ResidualOnMat {
  private static final FigureKey CATCHES = FigureKey.of("spray", "mat_catches");
  private static final FigureKey WASHED = FigureKey.of("spray", "washed");
  private static final FigureKey WASHED_BY = FigureKey.of("spray", "washed_by");

  private ResidualOnMat() {}

  /**
   * Share that reaches the soil.
   *
   * @param matLbAc of living or dead cover, dry
   * @param rain in, that follows
   */
  public static double reaches(double matLbAc, double rain, Figures figures) {
    double through = Math.exp(-Math.max(0, matLbAc) / figures.of(CATCHES));
    double washed = Math.min(1, Math.max(0, rain) / figures.of(WASHED_BY));
    return through + figures.of(WASHED) * (1 - through) * washed;
  }
}
