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
  private static final double TINY = 1e-300;

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
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < POINTS; i++) {
      double off = sd * WIDE * (2.0 * i / (POINTS - 1) - 1);
      double z = (heat - mean - off) / scatter;
      double log =
          -0.5 * off * off / (sd * sd)
              + reached * Math.log(Math.max(TINY, UNIT.cumulativeProbability(z)))
              + open * Math.log(Math.max(TINY, UNIT.survivalProbability(z)));
      double weight = Math.exp(log);
      weights += weight;
      sum += weight * off;
      squares += weight * off * off;
    }
    double moved = sum / weights;
    double variance = squares / weights - moved * moved;
    return new CountedMean(mean + moved, Math.sqrt(variance + observer * observer));
  }

  /** The heat at which a share of the stems is past flowering, °F-days. */
  public double heatAt(double share, double scatter) {
    return mean + scatter * UNIT.inverseCumulativeProbability(share);
  }
}
