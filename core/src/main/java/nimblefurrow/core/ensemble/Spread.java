package nimblefurrow.core.ensemble;

/**
 * A figure with its 10, 50 and 90 % marks, for example dry matter on a day, in the asker's unit.
 */
public record Spread(double low, double middle, double high) {
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  /**
   * The marks of an ensemble.
   *
   * @throws java.util.NoSuchElementException where too few years are reached
   */
  public static Spread of(Ensemble<Double> years) {
    return new Spread(
        years.quantile(LOW).orElseThrow(),
        years.middle().orElseThrow(),
        years.quantile(HIGH).orElseThrow());
  }

  /** All three marks times a factor. */
  public Spread times(double factor) {
    return new Spread(low * factor, middle * factor, high * factor);
  }
}
