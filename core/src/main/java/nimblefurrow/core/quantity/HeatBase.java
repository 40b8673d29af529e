package nimblefurrow.core.quantity;

/**
 * How a day's high and low turn into heat. Temperatures in °F, answers in °F-days, never below 0.
 */
public enum HeatBase {
  /** Cool-season plants: mean of high and low, less 40. */
  BASE_40 {
    @Override
    public double degreeDays(double maxF, double minF) {
      return Math.max(0, (maxF + minF) / 2 - 40);
    }
  },
  /** Warm-season plants and grain dry-down: mean of high and low, less 50. */
  BASE_50 {
    @Override
    public double degreeDays(double maxF, double minF) {
      return Math.max(0, (maxF + minF) / 2 - 50);
    }
  },
  /** Corn: high and low each held within 50–86, their mean less 50. */
  CORN_86_50 {
    @Override
    public double degreeDays(double maxF, double minF) {
      return (held(maxF) + held(minF)) / 2 - 50;
    }

    private double held(double temperature) {
      return Math.max(50, Math.min(86, temperature));
    }
  };

  /**
   * Degree days of one day, °F.
   *
   * @param maxF the day's highest temperature
   * @param minF its lowest
   */
  public abstract double degreeDays(double maxF, double minF);
}
