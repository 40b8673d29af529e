package nimblefurrow.core.weather;

/** Water in the air: what it can hold at a temperature, and the temperature at which it is full. */
public final class Vapour {
  private static final double KPA = 0.6108;
  private static final double SLOPE = 17.27;
  private static final double ZERO_C = 237.3;

  private Vapour() {}

  /** Vapour pressure of full air, kPa: 2.34 at 68 °F. */
  public static double fullKpa(double fahrenheit) {
    double celsius = (fahrenheit - 32) * 5 / 9;
    return KPA * Math.exp(SLOPE * celsius / (celsius + ZERO_C));
  }

  /** The temperature at which air of this vapour pressure is full, °F. */
  public static double dewPointF(double kpa) {
    double log = Math.log(Math.max(1e-6, kpa) / KPA);
    return ZERO_C * log / (SLOPE - log) * 9 / 5 + 32;
  }
}
