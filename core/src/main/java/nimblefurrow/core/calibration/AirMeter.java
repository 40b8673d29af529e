package nimblefurrow.core.calibration;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;

/**
 * The meter of an air seeder that turns at a constant speed: pounds a minute follow the ground
 * speed it is set for, and driving slower lays more. Example: 24 lb/ac over 20 ft at 5.5 mph is
 * 5.33 lb/min.
 */
public record AirMeter(SeedRate target, Length width, Speed speed) {
  private static final FigureKey SLOWEST = FigureKey.of("calibration", "slowest");
  private static final FigureKey FASTEST = FigureKey.of("calibration", "fastest");
  private static final FigureKey STEP = FigureKey.of("calibration", "speed_step");
  private static final FigureKey WITHIN = FigureKey.of("calibration", "speed_within");

  /** Rate laid at a speed while the meter runs on as set. */
  public record AtSpeed(Speed speed, SeedRate rate, boolean within) {}

  /** Slowest and fastest speed that stay within 10 % of the target. */
  public record SafeSpeeds(Speed slowest, Speed fastest) {}

  public AirMeter {
    Limits.positive("target rate", target.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("width", width.feet(), 200, Unit.FOOT);
    Limits.positive("speed", speed.mph(), 30, Unit.MILE_PER_HOUR);
  }

  /** What the meter lets through in a minute at its set speed. */
  public Mass perMinute() {
    return Mass.ofPounds(target.poundsPerAcre() * width.feet() * speed.mph() / 495);
  }

  /** Rate at another speed with the meter left as it is. */
  public SeedRate at(Speed other) {
    return target.times(
        speed.mph() / Limits.positive("speed", other.mph(), 60, Unit.MILE_PER_HOUR));
  }

  /**
   * The rate that comes of one gate at other speeds: half the speed, twice the rate. A meter that
   * turns with no wheel does not know how fast the machine goes.
   */
  public List<AtSpeed> table(Figures figures) {
    List<AtSpeed> table = new ArrayList<>();
    int steps = (int) Math.round((figures.of(FASTEST) - figures.of(SLOWEST)) / figures.of(STEP));
    for (int i = 0; i <= steps; i++) {
      Speed tried = Speed.mph(speed.mph() * (figures.of(SLOWEST) + i * figures.of(STEP)));
      table.add(new AtSpeed(tried, at(tried), within(tried, figures)));
    }
    return table;
  }

  /** The slowest and fastest speed at which the rate stays within what is taken as near enough. */
  public SafeSpeeds safeSpeeds(Figures figures) {
    return new SafeSpeeds(
        Speed.mph(speed.mph() / (1 + figures.of(WITHIN))),
        Speed.mph(speed.mph() / (1 - figures.of(WITHIN))));
  }

  private boolean within(Speed tried, Figures figures) {
    SafeSpeeds safe = safeSpeeds(figures);
    return tried.mph() >= safe.slowest().mph() - 1e-9 && tried.mph() <= safe.fastest().mph() + 1e-9;
  }
}
