package nimblefurrow.core.quantity;

/**
 * A speed over ground or of wind, for example {@code Speed.mph(5.5)}. Not a direction, and never
 * negative. 0 to 300 mph.
 */
public record Speed(double mph) {
  private static final double FEET_PER_SECOND_PER_MPH = 5280.0 / 3600;

  public Speed {
    Limits.within("speed", mph, 0, 300, Unit.MILE_PER_HOUR);
  }

  /** A speed in miles an hour. */
  public static Speed mph(double mph) {
    return new Speed(mph);
  }

  /** A speed in feet a second. */
  public static Speed feetPerSecond(double feetPerSecond) {
    return new Speed(feetPerSecond / FEET_PER_SECOND_PER_MPH);
  }

  /** The same in feet a second. */
  public double feetPerSecond() {
    return mph * FEET_PER_SECOND_PER_MPH;
  }

  /** How long a way takes at this speed; without end where nothing moves. */
  public double minutesFor(Length way) {
    return way.feet() / feetPerSecond() / 60;
  }
}
