package nimblefurrow.core.scouting;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * The sequential test of stems past flowering, with what is taken as true of it: 48 of 50 stems in
 * five spots are ready, 30 are not. Pure arithmetic, so that a phone without a signal asks the
 * same.
 *
 * @param ready share of stems from which a field is ready, 0–1
 * @param notReady share up to which it is not, below {@code ready}
 * @param wrong chance of a wrong verdict that is borne, 0–0.5
 * @param likeness how alike the stems of one spot are, 0–1
 * @param leastSpots before there is a verdict
 * @param mostStems after which counting ends
 */
public record StemTest(
    double ready, double notReady, double wrong, double likeness, int leastSpots, int mostStems) {
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  /** What so many stems of a spot count for less than stems from all over, 1 or more. */
  public double designEffect(int spots, int stems) {
    return 1 + ((double) stems / spots - 1) * likeness;
  }

  /** What so many stems, so many of them past flowering, say. */
  public StemCount.Verdict verdict(int spots, int stems, int past) {
    double sure = Math.log((1 - wrong) / wrong);
    if (spots < leastSpots) {
      return StemCount.Verdict.COUNT_ON;
    }
    double evidence =
        (past * Math.log(ready / notReady)
                + (stems - past) * Math.log((1 - ready) / (1 - notReady)))
            / designEffect(spots, stems);
    if (evidence >= sure) {
      return StemCount.Verdict.READY;
    }
    return evidence <= -sure || stems >= mostStems
        ? StemCount.Verdict.WAIT
        : StemCount.Verdict.COUNT_ON;
  }

  /**
   * The ends of the 90 % interval of the share past flowering, on the effective number of stems.
   */
  public double[] interval(int spots, int stems, int past) {
    double z = UNIT.inverseCumulativeProbability(0.95);
    double n = stems / designEffect(spots, stems);
    double p = (double) past / stems;
    double middle = (p + z * z / (2 * n)) / (1 + z * z / n);
    double half = z / (1 + z * z / n) * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n));
    return new double[] {Math.max(0, middle - half), Math.min(1, middle + half)};
  }
}
