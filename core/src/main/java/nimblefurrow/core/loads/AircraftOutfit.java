package nimblefurrow.core.loads;

import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * An airplane or helicopter: each load is a filling, a ferry out, passes with turns, a ferry back.
 *
 * @param loadMinutes filling on the ground
 * @param turnSeconds from one pass into the next
 */
public record AircraftOutfit(
    Hopper hopper,
    double swathFt,
    double milesPerHour,
    double ferryMilesPerHour,
    double loadMinutes,
    double turnSeconds) {
  private static final FigureKey FERRY_LIMITS = FigureKey.of("loads", "ferry_limits");
  private static final double FEET_PER_MILE = 5280;

  public AircraftOutfit {
    Limits.given("hopper", hopper);
    Limits.positive("swath", swathFt, 300, Unit.FOOT);
    Limits.positive("speed", milesPerHour, 250, Unit.MILE_PER_HOUR);
    Limits.positive("ferry speed", ferryMilesPerHour, 250, Unit.MILE_PER_HOUR);
    Limits.within("loading", loadMinutes, 0.1, 120, Unit.MINUTE);
    Limits.within("turn", turnSeconds, 0, 300, Unit.SECOND);
  }

  /** Minutes for one load: filling, both ferries, passes and turns. */
  public double cycleMinutes(double acres, double ferryMiles, double runFeet) {
    double passes = acres * Area.SQUARE_FEET_PER_ACRE / (swathFt * runFeet);
    return loadMinutes
        + 2 * ferryMiles / ferryMilesPerHour * 60
        + acres / (milesPerHour * swathFt / 8.25) * 60
        + passes * turnSeconds / 60;
  }

  /**
   * @param ferryMiles from the strip to the field, one way
   * @param runFeet length of a pass
   */
  public LoadPlan plan(Area field, SeedBlend blend, double ferryMiles, double runFeet) {
    Limits.within("ferry", ferryMiles, 0, 200, Unit.MILE);
    Limits.positive("run", runFeet, 30 * FEET_PER_MILE, Unit.FOOT);
    Mass load = hopper.load(blend);
    if (load.pounds() <= 0) {
      return LoadPlan.impossible(Reason.of("the aircraft carries no seed: its load is 0"));
    }
    Loads loads = Loads.of(field, blend.rate(), load);
    double full =
        cycleMinutes(Math.min(field.acres(), loads.acresPerLoad().acres()), ferryMiles, runFeet);
    double hours =
        ((loads.count() - 1) * full + cycleMinutes(loads.lastAcres().acres(), ferryMiles, runFeet))
            / 60;
    double ferryShare = 2 * ferryMiles / ferryMilesPerHour * 60 / full;
    return LoadPlan.done(
        loads,
        WorkRate.acresPerHour(field.acres() / hours),
        hours,
        full,
        List.of(),
        ferryShare > blend.figures().of(FERRY_LIMITS)
            ? "the distance from the strip"
            : "the room in the hopper",
        List.of(
            hopper.fullByWeight(blend)
                ? Reason.of("the hopper fills by weight")
                : Reason.of("seed fills the hopper by room long before weight"),
            Reason.of(
                "{} of each cycle is the ferry", nimblefurrow.core.quantity.Share.of(ferryShare))));
  }
}
