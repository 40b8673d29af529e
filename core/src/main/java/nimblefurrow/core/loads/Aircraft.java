package nimblefurrow.core.loads;

import java.time.Duration;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * An airplane or helicopter: each load is a filling, a ferry out, passes with turns, a ferry back.
 *
 * @param working speed over the field
 * @param ferrying speed from the strip and back
 * @param loading filling on the ground
 * @param turn from one pass into the next
 * @param strip from the strip to the field, one way, 0–200 mi
 */
public record Aircraft(
    Hopper hopper,
    Length swath,
    Speed working,
    Speed ferrying,
    Duration loading,
    Duration turn,
    Length strip)
    implements SetUp {
  private static final FigureKey FERRY_LIMITS = FigureKey.of("loads", "ferry_limits");
  private static final double MOST_RUN_FEET = 30 * 5280;

  public Aircraft {
    Limits.given("hopper", hopper);
    Limits.positive("swath", swath.feet(), 300, Unit.FOOT);
    Limits.positive("speed", working.mph(), 250, Unit.MILE_PER_HOUR);
    Limits.positive("ferry speed", ferrying.mph(), 250, Unit.MILE_PER_HOUR);
    Limits.within("loading", Durations.inMinutes(loading), 0.1, 120, Unit.MINUTE);
    Limits.within("way from the strip", strip.miles(), 0, 200, Unit.MILE);
    Limits.within("turn", Durations.inSeconds(turn), 0, 300, Unit.SECOND);
  }

  /** Filling, both ferries, passes and turns of one load. */
  private double cycleMinutes(Area area, Length ferry, Length run) {
    double passFeet = area.squareFeet() / swath.feet();
    return Durations.inMinutes(loading)
        + 2 * ferrying.minutesFor(ferry)
        + passFeet / working.feetPerSecond() / 60
        + passFeet / run.feet() * Durations.inMinutes(turn);
  }

  @Override
  public LoadPlan plan(OnField on, SeedBlend blend) {
    Area field = on.area();
    Length run = on.run();
    Length ferry = strip;
    Limits.positive("run", run.feet(), MOST_RUN_FEET, Unit.FOOT);
    Mass load = hopper.load(blend);
    if (load.pounds() <= 0) {
      return LoadPlan.impossible(Reason.of("the aircraft carries no seed: its load is 0"));
    }
    Loads loads = Loads.of(field, blend.rate(), load);
    double full = cycleMinutes(loads.count() > 1 ? loads.acresPerLoad() : field, ferry, run);
    double hours = ((loads.count() - 1) * full + cycleMinutes(loads.lastAcres(), ferry, run)) / 60;
    double ferryShare = 2 * ferrying.minutesFor(ferry) / full;
    return LoadPlan.done(
        loads,
        WorkRate.acresPerHour(field.acres() / hours),
        Durations.hours(hours),
        Durations.minutes(full),
        List.of(),
        ferryShare > blend.figures().of(FERRY_LIMITS)
            ? "the distance from the strip"
            : "the room in the hopper",
        List.of(
            hopper.fullByWeight(blend)
                ? Reason.of("the hopper fills by weight")
                : Reason.of("seed fills the hopper by room long before weight"),
            Reason.of("{} of each cycle is the ferry", Share.of(ferryShare))));
  }
}
