package nimblefurrow.core.scouting;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What a count of stems leaves of the mean of flowering: 900 ± 90 becomes 878.8 ± 18.6 by 30 of 50
 * stems of five spots at 890 °F-days. The mean is weighed at points to either side, each by what
 * was held before and by how well it tells the count. Pure arithmetic, for the phone too.
 *
 * @param mean of flowering, °F-days
 * @param sd how sure it is, °F-days
 */
public record CountedMean(double mean, double sd) {
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  /** Points of the mean that are weighed, so many SDs to either side. */
  private static final int POINTS = 161;

  private static final double WIDE = 4;
  private static final double TAIL = -8;
  private static final double HALF_LOG_TWO_PI = 0.5 * Math.log(2 * Math.PI);

  /**
   * The mean after a count.
   *
   * @param heat of the field on the day of the count, °F-days
   * @param reached effective stems past flowering
   * @param open effective stems that are not
   * @param scatter of a field's stems about its mean, SD, °F-days
   * @param observer how far one looks from another, SD, °F-days
   */
  public CountedMean after(
      double heat, double reached, double open, double scatter, double observer) {
    double[] logs = new double[POINTS];
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < POINTS; i++) {
      double off = off(i);
      double z = (heat - mean - off) / scatter;
      logs[i] = -0.5 * off * off / (sd * sd) + reached * logBelow(z) + open * logBelow(-z);
      most = Math.max(most, logs[i]);
    }
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < POINTS; i++) {
      double off = off(i);
      // The greatest is taken off first: a count that nobody would have thought of weighs as well.
      double weight = Math.exp(logs[i] - most);
      weights += weight;
      sum += weight * off;
      squares += weight * off * off;
    }
    double moved = sum / weights;
    double variance = Math.max(0, squares / weights - moved * moved);
    return new CountedMean(mean + moved, Math.sqrt(variance + observer * observer));
  }

  private double off(int point) {
    return sd * WIDE * (2.0 * point / (POINTS - 1) - 1);
  }

  /** Logarithm of the chance of being below; by its tail where the chance itself is nothing. */
  private static double logBelow(double z) {
    if (z > TAIL) {
      return Math.log(UNIT.cumulativeProbability(z));
    }
    double square = z * z;
    return -square / 2
        - Math.log(-z)
        - HALF_LOG_TWO_PI
        + Math.log1p(-1 / square + 3 / (square * square));
  }

  /** The heat at which a share of the stems is past flowering, °F-days. */
  public double heatAt(double share, double scatter) {
    return mean + scatter * UNIT.inverseCumulativeProbability(share);
  }
}
