package nimblefurrow.core.quantity;

/**
 * A length, for example {@code Length.ofInches(24)}: the height of a stand, the width of a machine,
 * a way over land. Not a place, and never negative. 0 to 1,000 miles.
 */
public record Length(double feet) {
  private static final double METRES_PER_FOOT = 0.3048;
  private static final double INCHES_PER_FOOT = 12;
  private static final double FEET_PER_MILE = 5280;
  private static final double MOST_FEET = 5_280_000;

  public Length {
    Limits.within("length", feet, 0, MOST_FEET, Unit.FOOT);
  }

  /** A length in feet. */
  public static Length ofFeet(double feet) {
    return new Length(feet);
  }

  /** A length in inches. */
  public static Length ofInches(double inches) {
    return new Length(inches / INCHES_PER_FOOT);
  }

  /** A length in miles. */
  public static Length ofMiles(double miles) {
    return new Length(miles * FEET_PER_MILE);
  }

  /** A length in metres. */
  public static Length ofMetres(double metres) {
    return new Length(metres / METRES_PER_FOOT);
  }

  /** The same in inches. */
  public double inches() {
    return feet * INCHES_PER_FOOT;
  }

  /** The same in miles. */
  public double miles() {
    return feet / FEET_PER_MILE;
  }

  /** The same in metres. */
  public double metres() {
    return feet * METRES_PER_FOOT;
  }
}
