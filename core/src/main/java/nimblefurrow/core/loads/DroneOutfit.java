package nimblefurrow.core.loads;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * A drone with its batteries and chargers. A flight ends with the load or the battery, whichever is
 * first; flights in an hour are held by the cycle, the batteries or the chargers.
 *
 * @param feetPerSecond speed over the field
 * @param turnSecondsPerAcre turning at the ends, s/ac
 * @param batteryMinutes air time of a full battery with what is kept in reserve taken off
 * @param refillMinutes on the ground between flights: swap and refill
 * @param gatePoundsPerMinute the most that the gate lets through; 0 where it never binds
 */
public record DroneOutfit(
    Hopper hopper,
    double swathFt,
    double feetPerSecond,
    double turnSecondsPerAcre,
    double batteryMinutes,
    double refillMinutes,
    int batteries,
    int chargers,
    double chargeMinutes,
    double coolMinutes,
    double gatePoundsPerMinute) {

  public DroneOutfit {
    Limits.given("hopper", hopper);
    Limits.positive("swath", swathFt, 200, Unit.FOOT);
    Limits.positive("speed", feetPerSecond, 120, Unit.FOOT_PER_SECOND);
    Limits.within("turns", turnSecondsPerAcre, 0, 600, Unit.SECOND_PER_ACRE);
    Limits.positive("battery", batteryMinutes, 240, Unit.MINUTE);
    Limits.within("refill", refillMinutes, 0.1, 120, Unit.MINUTE);
    Limits.within("batteries", batteries, 1, 100, Unit.NONE);
    Limits.within("chargers", chargers, 1, 100, Unit.NONE);
    Limits.within("charging", chargeMinutes, 0.1, 600, Unit.MINUTE);
    Limits.within("cooling", coolMinutes, 0, 600, Unit.MINUTE);
    Limits.within("gate", gatePoundsPerMinute, 0, 2000, Unit.POUND_PER_MINUTE);
  }

  /** Speed at which the gate still lets the rate through, ft/s: the planned one or slower. */
  public double speedFor(SeedRate rate) {
    if (gatePoundsPerMinute == 0) {
      return feetPerSecond;
    }
    double most =
        gatePoundsPerMinute
            / 60
            * Area.SQUARE_FEET_PER_ACRE
            / (swathFt * Math.max(1e-9, rate.poundsPerAcre()));
    return Math.min(feetPerSecond, most);
  }

  /** Seconds in the air for an acre at a rate. */
  public double airborneSecondsPerAcre(SeedRate rate) {
    return Area.SQUARE_FEET_PER_ACRE / (swathFt * speedFor(rate)) + turnSecondsPerAcre;
  }

  /**
   * @param ferryFeet from the filling place to the middle of the work, one way
   */
  public LoadPlan plan(Area field, SeedBlend blend, double ferryFeet) {
    Limits.within("ferry", ferryFeet, 0, 30_000, Unit.FOOT);
    SeedRate rate = blend.rate();
    double ferryMinutes = ferryFeet / feetPerSecond / 60;
    double left = batteryMinutes - 2 * ferryMinutes;
    if (left <= 0) {
      return LoadPlan.impossible(
          Reason.of(
              "the ferry alone takes {} min and the battery lasts {}: fill nearer to the field",
              2 * ferryMinutes,
              batteryMinutes));
    }
    Mass load = hopper.load(blend);
    if (load.pounds() <= 0) {
      return LoadPlan.impossible(Reason.of("the drone carries no seed: its load is 0"));
    }
    double secondsPerAcre = airborneSecondsPerAcre(rate);
    double byLoad = load.pounds() / rate.poundsPerAcre();
    double byBattery = left * 60 / secondsPerAcre;
    double acres = Math.min(field.acres(), Math.min(byLoad, byBattery));
    Loads loads = Loads.ofAcres(field, rate, acres);
    double air = acres * secondsPerAcre / 60 + 2 * ferryMinutes;
    double cycle = air + refillMinutes;
    double round = air + chargeMinutes + coolMinutes;
    double byCycle = 60 / cycle;
    double byBatteries = batteries * 60 / round;
    double byChargers = chargers * 60 / chargeMinutes;
    double flights = Math.min(byCycle, Math.min(byBatteries, byChargers));
    double acresPerHour = flights * acres;
    List<LoadPlan.Need> needs =
        List.of(
            new LoadPlan.Need("batteries for no waiting", (int) Math.ceil(round / cycle - 1e-9)),
            new LoadPlan.Need(
                "chargers for no waiting", (int) Math.ceil(chargeMinutes / cycle - 1e-9)));
    String limits =
        flights == byCycle
            ? byLoad <= byBattery ? "the load" : "the battery's air time"
            : flights == byBatteries ? "the number of batteries" : "the chargers";
    return LoadPlan.done(
        loads,
        WorkRate.acresPerHour(acresPerHour),
        field.acres() / acresPerHour,
        60 / flights,
        needs,
        limits,
        notes(rate, blend));
  }

  private List<Reason> notes(SeedRate rate, SeedBlend blend) {
    List<Reason> notes = new ArrayList<>();
    double speed = speedFor(rate);
    if (speed < feetPerSecond - 1e-9) {
      notes.add(
          Reason.of(
              "the gate lets {} through: fly at {} instead of {}",
              Measure.of(gatePoundsPerMinute, Unit.POUND_PER_MINUTE),
              Measure.of(speed, Unit.FOOT_PER_SECOND),
              Measure.of(feetPerSecond, Unit.FOOT_PER_SECOND)));
    }
    notes.add(
        hopper.fullByWeight(blend)
            ? Reason.of("the hopper fills by weight")
            : Reason.of("the hopper fills by room, not by weight"));
    return notes;
  }
}
