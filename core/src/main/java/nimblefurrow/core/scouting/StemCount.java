package nimblefurrow.core.scouting;

import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Stems looked at one by one at several spots: how many were past flowering. Stems of one spot are
 * alike, so they count for less than as many from all over.
 */
public record StemCount(int spots, int stems, int past) {
  private static final double LIKENESS = 0.10;
  private static final double READY = 0.80;
  private static final double NOT_READY = 0.60;
  private static final double SURE = Math.log(9); // alpha and beta 0.10
  private static final int LEAST_SPOTS = 5;
  private static final int MOST_STEMS = 100;
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  /** What a count says: roll, come back later, or count on. */
  public enum Verdict {
    READY,
    WAIT,
    COUNT_ON
  }

  public StemCount {
    Limits.within("spots", spots, 1, 100, Unit.NONE);
    Limits.within("stems", stems, spots, 2000, Unit.NONE);
    if (past < 0 || past > stems) {
      throw new OutOfRange(
          "stems past flowering", "stems past flowering are 0–%d, got %d".formatted(stems, past));
    }
  }

  public Share share() {
    return Share.of((double) past / stems);
  }

  private double designEffect() {
    return 1 + ((double) stems / spots - 1) * LIKENESS;
  }

  private double effectiveStems() {
    return stems / designEffect();
  }

  /** Sequential test of 80 % or more against 60 % or less; no verdict before the fifth spot. */
  public Verdict verdict() {
    if (spots < LEAST_SPOTS) {
      return Verdict.COUNT_ON;
    }
    double evidence =
        (past * Math.log(READY / NOT_READY)
                + (stems - past) * Math.log((1 - READY) / (1 - NOT_READY)))
            / designEffect();
    if (evidence >= SURE) {
      return Verdict.READY;
    }
    return evidence <= -SURE || stems >= MOST_STEMS ? Verdict.WAIT : Verdict.COUNT_ON;
  }

  /** Wilson interval of the share at 90 %, on the effective number of stems. */
  public Share[] interval() {
    double z = UNIT.inverseCumulativeProbability(0.95);
    double n = effectiveStems();
    double p = share().fraction();
    double middle = (p + z * z / (2 * n)) / (1 + z * z / n);
    double half = z / (1 + z * z / n) * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n));
    return new Share[] {Share.of(Math.max(0, middle - half)), Share.of(Math.min(1, middle + half))};
  }

  /**
   * The field's flowering mean after this count. All or none past flowering is only a bound: it
   * never moves the mean away from what was counted.
   *
   * @param heatToday °F-days of the field's count on the day of counting
   * @param meanBefore the mean taken so far
   */
  public double anchoredMean(double heatToday, double meanBefore) {
    double edge = 0.5 / effectiveStems();
    double p = Math.max(edge, Math.min(1 - edge, share().fraction()));
    double mean = heatToday - StageForecast.STEM_SPREAD * UNIT.inverseCumulativeProbability(p);
    if (past == stems) {
      return Math.min(meanBefore, mean);
    }
    return past == 0 ? Math.max(meanBefore, mean) : mean;
  }
}
