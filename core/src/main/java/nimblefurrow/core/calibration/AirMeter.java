package nimblefurrow.core.calibration;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/**
 * The meter of an air seeder that turns at a constant speed: pounds a minute follow the ground
 * speed it is set for, and driving slower lays more. Example: 24 lb/ac over 20 ft at 5.5 mph is
 * 5.33 lb/min.
 */
public record AirMeter(SeedRate target, double widthFt, double mph) {
  private static final double SLOWEST = 0.6;
  private static final double FASTEST = 1.5;
  private static final double STEP = 0.1;
  private static final double WITHIN = 0.10;

  /** Rate laid at a speed while the meter runs on as set. */
  public record AtSpeed(double mph, SeedRate rate, boolean within) {}

  /** Slowest and fastest speed that stay within 10 % of the target. */
  public record SafeSpeeds(double slowest, double fastest) {}

  public AirMeter {
    Limits.positive("target rate", target.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("width", widthFt, 200, Unit.FOOT);
    Limits.positive("speed", mph, 30, Unit.MILE_PER_HOUR);
  }

  public double poundsPerMinute() {
    return target.poundsPerAcre() * widthFt * mph / 495;
  }

  /** Rate at another speed with the meter left as it is. */
  public SeedRate at(double otherMph) {
    return target.times(mph / Limits.positive("speed", otherMph, 60, Unit.MILE_PER_HOUR));
  }

  public List<AtSpeed> table() {
    List<AtSpeed> table = new ArrayList<>();
    int steps = (int) Math.round((FASTEST - SLOWEST) / STEP);
    for (int i = 0; i <= steps; i++) {
      double speed = mph * (SLOWEST + i * STEP);
      table.add(new AtSpeed(speed, at(speed), within(speed)));
    }
    return table;
  }

  public SafeSpeeds safeSpeeds() {
    return new SafeSpeeds(mph / (1 + WITHIN), mph / (1 - WITHIN));
  }

  private boolean within(double speed) {
    SafeSpeeds safe = safeSpeeds();
    return speed >= safe.slowest() - 1e-9 && speed <= safe.fastest() + 1e-9;
  }
}
