package nimblefurrow.core.loads;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * A drone with its batteries and chargers. A flight ends with the load or the battery, whichever is
 * first; flights in an hour are held by the cycle, the batteries or the chargers.
 *
 * @param planned speed over the field and on the ferry
 * @param turn turning once at the end of a line, 0–300 s
 * @param battery air time of a full battery with what is kept in reserve taken off
 * @param refill on the ground between flights: swap and refill
 * @param charge from empty to full
 * @param cool before it may be charged
 * @param gatePerMinute the most that the gate lets through in a minute; 0 where it never binds
 */
public record Drone(
    Hopper hopper,
    Length swath,
    Speed planned,
    Duration turn,
    Duration battery,
    Duration refill,
    int batteries,
    int chargers,
    Duration charge,
    Duration cool,
    Mass gatePerMinute)
    implements SetUp {

  public Drone {
    Limits.given("hopper", hopper);
    Limits.positive("swath", swath.feet(), 200, Unit.FOOT);
    Limits.positive("speed", planned.feetPerSecond(), 120, Unit.FOOT_PER_SECOND);
    Limits.within("turn", Durations.inSeconds(turn), 0, 300, Unit.SECOND);
    Limits.positive("battery", Durations.inMinutes(battery), 240, Unit.MINUTE);
    Limits.within("refill", Durations.inMinutes(refill), 0.1, 120, Unit.MINUTE);
    Limits.within("batteries", batteries, 1, 100, Unit.NONE);
    Limits.within("chargers", chargers, 1, 100, Unit.NONE);
    Limits.within("charging", Durations.inMinutes(charge), 0.1, 600, Unit.MINUTE);
    Limits.within("cooling", Durations.inMinutes(cool), 0, 600, Unit.MINUTE);
    Limits.within("gate", gatePerMinute.pounds(), 0, 2000, Unit.POUND_PER_MINUTE);
  }

  /** Speed at which the gate still lets the rate through: the planned one or slower. */
  public Speed speedFor(SeedRate rate) {
    if (gatePerMinute.pounds() == 0) {
      return planned;
    }
    double most =
        gatePerMinute.pounds()
            / 60
            * Area.SQUARE_FEET_PER_ACRE
            / (swath.feet() * Math.max(1e-9, rate.poundsPerAcre()));
    return most < planned.feetPerSecond() ? Speed.feetPerSecond(most) : planned;
  }

  /** Time in the air for an acre at a rate. */
  private double secondsPerAcre(SeedRate rate, Length run) {
    double turnsPerAcre = Area.SQUARE_FEET_PER_ACRE / (swath.feet() * run.feet());
    return Area.SQUARE_FEET_PER_ACRE / (swath.feet() * speedFor(rate).feetPerSecond())
        + turnsPerAcre * Durations.inSeconds(turn);
  }

  @Override
  public LoadPlan plan(OnField on, SeedBlend blend) {
    Area field = on.area();
    Length ferry = on.ferry();
    Limits.within("ferry", ferry.feet(), 0, 30_000, Unit.FOOT);
    SeedRate rate = blend.rate();
    double ferryMinutes = planned.minutesFor(ferry);
    double left = Durations.inMinutes(battery) - 2 * ferryMinutes;
    if (left <= 0) {
      return LoadPlan.impossible(
          Reason.of(
              "the ferry alone takes {} min and the battery lasts {}: fill nearer to the field",
              2 * ferryMinutes,
              Durations.inMinutes(battery)));
    }
    Mass load = hopper.load(blend);
    if (load.pounds() <= 0) {
      return LoadPlan.impossible(Reason.of("the drone carries no seed: its load is 0"));
    }
    double secondsPerAcre = secondsPerAcre(rate, on.run());
    double byLoad = load.pounds() / rate.poundsPerAcre();
    double byBattery = left * 60 / secondsPerAcre;
    double acres = Math.min(field.acres(), Math.min(byLoad, byBattery));
    Loads loads = Loads.ofAcres(field, rate, acres);
    double air = acres * secondsPerAcre / 60 + 2 * ferryMinutes;
    double cycle = air + Durations.inMinutes(refill);
    double round = air + Durations.inMinutes(charge) + Durations.inMinutes(cool);
    double byCycle = 60 / cycle;
    double byBatteries = batteries * 60 / round;
    double byChargers = chargers * 60 / Durations.inMinutes(charge);
    double flights = Math.min(byCycle, Math.min(byBatteries, byChargers));
    double acresPerHour = flights * acres;
    List<LoadPlan.Need> needs =
        List.of(
            new LoadPlan.Need("batteries for no waiting", (int) Math.ceil(round / cycle - 1e-9)),
            new LoadPlan.Need(
                "chargers for no waiting",
                (int) Math.ceil(Durations.inMinutes(charge) / cycle - 1e-9)));
    String limits =
        flights == byCycle
            ? byLoad <= byBattery ? "the load" : "the battery's air time"
            : flights == byBatteries ? "the number of batteries" : "the chargers";
    return LoadPlan.done(
        loads,
        WorkRate.acresPerHour(acresPerHour),
        Durations.hours(field.acres() / acresPerHour),
        Durations.minutes(60 / flights),
        needs,
        limits,
        notes(rate, blend));
  }

  private List<Reason> notes(SeedRate rate, SeedBlend blend) {
    List<Reason> notes = new ArrayList<>();
    Speed speed = speedFor(rate);
    if (speed.mph() < planned.mph()) {
      notes.add(
          Reason.of(
              "the gate lets {} through: fly at {} instead of {}",
              Measure.of(gatePerMinute.pounds(), Unit.POUND_PER_MINUTE),
              Measure.of(speed.feetPerSecond(), Unit.FOOT_PER_SECOND),
              Measure.of(planned.feetPerSecond(), Unit.FOOT_PER_SECOND)));
    }
    notes.add(
        hopper.fullByWeight(blend)
            ? Reason.of("the hopper fills by weight")
            : Reason.of("the hopper fills by room, not by weight"));
    return notes;
  }
}
