package nimblefurrow.server.loads;

import nimblefurrow.core.loads.AircraftOutfit;
import nimblefurrow.core.loads.DroneOutfit;
import nimblefurrow.core.loads.GroundOutfit;
import nimblefurrow.core.loads.Hopper;
import nimblefurrow.core.loads.LoadPlan;
import nimblefurrow.core.loads.SlurryOutfit;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines.MachineView;

/** Puts a machine's set-up into the terms in which core plans its loads. */
public final class Rigs {
  private Rigs() {}

  /**
   * Loads of a machine on a field.
   *
   * @param run longest run of the field
   * @param ferry from the filling place to the field's middle, for a drone
   */
  static LoadPlan plan(MachineView machine, Area field, SeedBlend blend, Length run, Length ferry) {
    MachineSetup s = machine.setup();
    return switch (machine.kind()) {
      case DRONE -> drone(s, run).plan(field, blend, ferry);
      case AIRPLANE, HELICOPTER ->
          new AircraftOutfit(
                  hopper(s),
                  Length.ofFeet(need("swath", s.widthFt())),
                  Speed.mph(need("speed", s.speedMph())),
                  Speed.mph(or(s.ferryMph(), need("speed", s.speedMph()))),
                  Durations.minutes(or(s.fillMinutes(), 6)),
                  Durations.seconds(or(s.turnSeconds(), 30)))
              .plan(field, blend, Length.ofMiles(need("way from the strip", s.stripMiles())), run);
      case SLURRY ->
          new SlurryOutfit(
                  Volume.gallons(need("tank", s.tankGal())),
                  Volume.gallons(need("slurry per acre", s.galPerAc())),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  Durations.minutes(or(s.fillMinutes(), 15)))
              .plan(field, blend.rate());
      default ->
          new GroundOutfit(
                  hopper(s),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  Durations.minutes(or(s.fillMinutes(), 10)),
                  Mass.ofPounds(or(s.tenderLb(), 0)))
              .plan(field, blend);
    };
  }

  /**
   * @param run length of a line, which tells how many turns an acre takes
   */
  public static DroneOutfit drone(MachineSetup s, Length run) {
    Length swath = Length.ofFeet(need("swath", s.widthFt()));
    double turnsPerAcre = Area.ofAcres(1).squareFeet() / (swath.feet() * run.feet());
    return new DroneOutfit(
        hopper(s),
        swath,
        Speed.mph(need("speed", s.speedMph())),
        Durations.seconds(or(s.turnSeconds(), 4) * turnsPerAcre),
        Durations.minutes(need("battery", s.batteryMinutes())),
        Durations.minutes(or(s.fillMinutes(), 2)),
        s.batteries() == null ? 4 : s.batteries(),
        s.chargers() == null ? 2 : s.chargers(),
        Durations.minutes(or(s.chargeMinutes(), 12)),
        Durations.minutes(or(s.coolMinutes(), 5)),
        Mass.ofPounds(or(s.gateLbMin(), 0)));
  }

  public static Hopper hopper(MachineSetup s) {
    return new Hopper(
        Volume.cubicFeet(or(s.hopperFt3(), 0)),
        or(s.fill(), 0.95),
        Mass.ofPounds(or(s.loadLimitLb(), 0)));
  }

  private static double or(Double value, double otherwise) {
    return value == null ? otherwise : value;
  }

  private static double need(String field, Double value) {
    if (value == null) {
      throw new OutOfRange(
          field, field + " of this machine is not entered yet: set the machine up first");
    }
    return value;
  }
}
