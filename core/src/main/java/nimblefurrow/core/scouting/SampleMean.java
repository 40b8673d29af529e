package nimblefurrow.core.scouting;

import org.apache.commons.statistics.distribution.TDistribution;

/**
 * The mean of a few spots and how sure it is: frames clipped, plants counted. 24, 20, 28 and 24
 * have a mean of 24 and a 90 % interval of ± 3.84. Pure arithmetic, for the phone too.
 *
 * @param values of each spot, at least one
 */
public record SampleMean(double[] values) {
  private static final double UPPER = 0.95;
  private static final double INCHES = 12;

  /** Plants of spots that are of one size, by the square foot. */
  public static SampleMean perSquareFoot(int[] plants, double squareFeet) {
    double[] each = new double[plants.length];
    for (int i = 0; i < each.length; i++) {
      each[i] = plants[i] / squareFeet;
    }
    return new SampleMean(each);
  }

  /** The ground of a piece of row, ft²: 3 ft of rows 7.5 in apart are 1.875. */
  public static double squareFeetOfRow(double feet, double rowInches) {
    return feet * rowInches / INCHES;
  }

  /** Dry grams of a clipping that was weighed wet, of which so large a share is water. */
  public static double dryGrams(double wetGrams, double moisture) {
    return wetGrams * (1 - moisture);
  }

  /** Share of water in a part of the clipping that was weighed wet and dry. */
  public static double moisture(double wetGrams, double dryGrams) {
    return 1 - dryGrams / wetGrams;
  }

  /** The mean. */
  public double mean() {
    double sum = 0;
    for (double value : values) {
      sum += value;
    }
    return sum / values.length;
  }

  /** Whether there are enough spots for an error: two at least. */
  public boolean told() {
    return values.length > 1;
  }

  /** Standard error of the mean; 0 of one spot, which tells nothing. */
  public double standardError() {
    if (!told()) {
      return 0;
    }
    double mean = mean();
    double squares = 0;
    for (double value : values) {
      squares += (value - mean) * (value - mean);
    }
    return Math.sqrt(squares / (values.length - 1) / values.length);
  }

  /** Half width of the 90 % interval of the mean; 0 of one spot, which tells nothing. */
  public double halfWidth() {
    return told()
        ? standardError()
            * TDistribution.of(values.length - 1.0).inverseCumulativeProbability(UPPER)
        : 0;
  }

  /**
   * Whether the interval cannot be told, or is wider to either side than this share of the mean.
   */
  public boolean wide(double share) {
    return !told() || halfWidth() > share * mean();
  }
}
