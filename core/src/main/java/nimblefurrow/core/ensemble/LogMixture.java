package nimblefurrow.core.ensemble;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * An amount that is never below nothing, told by many years, each unsure in itself by a share: its
 * logarithm is normal about the year's own middle. Its quantiles are those of all years together,
 * so the band holds what the weather and the model leave open. Not a fit of one curve to the years.
 */
public final class LogMixture {
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);
  private static final double NEAR = 1e-9;
  private static final int STEPS = 80;

  private final double[] middle;
  private final double[] spread;
  private final int none;

  /**
   * A mixture of years.
   *
   * @param middles of each year, in the amount's unit; 0 where there is none in that year
   * @param spreads of each year, SD of the logarithm, more than 0
   */
  public LogMixture(double[] middles, double[] spreads) {
    int some = 0;
    double[] logs = new double[middles.length];
    double[] kept = new double[middles.length];
    for (int i = 0; i < middles.length; i++) {
      if (middles[i] > 0) {
        logs[some] = Math.log(middles[i]);
        kept[some++] = spreads[i];
      }
    }
    this.none = middles.length - some;
    this.middle = java.util.Arrays.copyOf(logs, some);
    this.spread = java.util.Arrays.copyOf(kept, some);
  }

  /** Chance that it is this much at least, 0–1; an amount above 0. */
  public double chanceOfAtLeast(double amount) {
    return middle.length == 0 ? 0 : 1 - below(Math.log(amount));
  }

  private double below(double log) {
    double sum = none;
    for (int i = 0; i < middle.length; i++) {
      sum += UNIT.cumulativeProbability((log - middle[i]) / spread[i]);
    }
    return sum / (none + middle.length);
  }

  private double density(double log) {
    double sum = 0;
    for (int i = 0; i < middle.length; i++) {
      sum += UNIT.density((log - middle[i]) / spread[i]) / spread[i];
    }
    return sum / (none + middle.length);
  }

  /** The amount that is not exceeded with this chance, more than 0 and less than 1. */
  public double quantile(double chance) {
    if (chance <= (double) none / (none + middle.length)) {
      return 0;
    }
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    double mean = 0;
    double z = UNIT.inverseCumulativeProbability(Math.min(1 - NEAR, Math.max(NEAR, chance)));
    for (int i = 0; i < middle.length; i++) {
      low = Math.min(low, middle[i] - 8 * spread[i]);
      high = Math.max(high, middle[i] + 8 * spread[i]);
      mean += (middle[i] + z * spread[i]) / middle.length;
    }
    double at = mean;
    for (int step = 0; step < STEPS; step++) {
      double off = below(at) - chance;
      if (off > 0) {
        high = at;
      } else {
        low = at;
      }
      double slope = density(at);
      double next = slope > 0 ? at - off / slope : Double.NaN;
      next = next > low && next < high ? next : (low + high) / 2;
      if (Math.abs(next - at) < NEAR) {
        return Math.exp(next);
      }
      at = next;
    }
    return Math.exp(at);
  }

  /** Its 10, 50 and 90 % marks. */
  public Spread spread() {
    return new Spread(quantile(0.1), quantile(0.5), quantile(0.9));
  }
}
