package nimblefurrow.core.quantity;

/**
 * Heat gathered by a plant: degree-days (°F-days) with the base they are counted on, for example
 * {@code Heat.of(250, HeatBase.BASE_40)}. Two heats of different bases never mix.
 */
public record Heat(double degreeDays, HeatBase base) implements Comparable<Heat> {
  public Heat {
    Limits.within("heat", degreeDays, 0, 100_000, Unit.FAHRENHEIT_DAY);
    Limits.given("heat base", base);
  }

  /** So many degree days above a base: {@code Heat.of(600, HeatBase.BASE_40)}. */
  public static Heat of(double degreeDays, HeatBase base) {
    return new Heat(degreeDays, base);
  }

  /**
   * Both together.
   *
   * @throws IllegalArgumentException when they are counted above different bases
   */
  public Heat plus(Heat other) {
    return new Heat(degreeDays + same(other).degreeDays, base);
  }

  @Override
  public int compareTo(Heat other) {
    return Double.compare(degreeDays, same(other).degreeDays);
  }

  private Heat same(Heat other) {
    if (other.base != base) {
      throw new OutOfRange(
          "heat base", "heat on " + base + " cannot be set against heat on " + other.base);
    }
    return other;
  }
}
