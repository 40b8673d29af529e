package nimblefurrow.core.quantity;

/**
 * What a hopper, a grain tank or a slurry tank holds, for example {@code Volume.cubicFeet(60)}. Not
 * what lies in it, and never negative. 0 to 1,000,000 ft³.
 */
public record Volume(double cubicFeet) {
  private static final double CUBIC_FEET_PER_BUSHEL = 1.2444560;
  private static final double CUBIC_FEET_PER_GALLON = 231 / 1728.0;

  public Volume {
    Limits.within("volume", cubicFeet, 0, 1e6, Unit.CUBIC_FOOT);
  }

  /** A volume in cubic feet. */
  public static Volume cubicFeet(double cubicFeet) {
    return new Volume(cubicFeet);
  }

  /** A volume in bushels of 1.2445 ft³. */
  public static Volume bushels(double bushels) {
    return new Volume(bushels * CUBIC_FEET_PER_BUSHEL);
  }

  /** A volume in gallons of 231 in³. */
  public static Volume gallons(double gallons) {
    return new Volume(gallons * CUBIC_FEET_PER_GALLON);
  }

  /** The same in bushels. */
  public double bushels() {
    return cubicFeet / CUBIC_FEET_PER_BUSHEL;
  }

  /** The same in gallons. */
  public double gallons() {
    return cubicFeet / CUBIC_FEET_PER_GALLON;
  }
}
