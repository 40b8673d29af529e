package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Length;

/**
 * About how tall a cover stands on a day in the middle year: it grows towards its full height with
 * its stages, less so where it stands thin. A rough figure for what a roller can do; a measured
 * height is better.
 */
public final class CoverHeight {
  private static final double[] SHARES = {0.08, 0.25, 0.55, 0.85, 1.0};
  private static final double FULL_MAT = 3000;
  private static final double THIN_POWER = 0.3;

  private CoverHeight() {}

  /**
   * Height of one member.
   *
   * @param stages of that member
   * @param mat of the whole stand, which tells whether it stands thin
   */
  public static Length on(StageForecast stages, MatForecast mat, LocalDate date) {
    double thin = Math.pow(Math.min(1, Math.max(0, mat.on(date).middle()) / FULL_MAT), THIN_POWER);
    return Length.ofInches(
        stages.species().growth().heightIn() * grown(stages, stages.middleHeatOn(date)) * thin);
  }

  /** Share of its full height at a heat: a straight line between the stages that have a figure. */
  private static double grown(StageForecast stages, double heat) {
    CoverStage[] marks = {
      CoverStage.JOINTING, CoverStage.BOOT, CoverStage.HEADING, CoverStage.FLOWERING
    };
    double beforeHeat = 0;
    double beforeShare = SHARES[0];
    for (int i = 0; i < marks.length; i++) {
      double mean = stages.mean(marks[i]).orElse(-1.0);
      if (mean > beforeHeat) {
        if (heat < mean) {
          return beforeShare
              + (SHARES[i + 1] - beforeShare) * (heat - beforeHeat) / (mean - beforeHeat);
        }
        beforeHeat = mean;
        beforeShare = SHARES[i + 1];
      }
    }
    return beforeShare;
  }
}
