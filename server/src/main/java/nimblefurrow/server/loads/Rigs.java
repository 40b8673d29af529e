package nimblefurrow.server.loads;

import nimblefurrow.core.loads.AircraftOutfit;
import nimblefurrow.core.loads.DroneOutfit;
import nimblefurrow.core.loads.GroundOutfit;
import nimblefurrow.core.loads.Hopper;
import nimblefurrow.core.loads.LoadPlan;
import nimblefurrow.core.loads.SlurryOutfit;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines.MachineView;

/** Puts a machine's set-up into the terms in which core plans its loads. */
public final class Rigs {
  private static final double FEET_PER_SECOND_PER_MPH = 5280.0 / 3600;

  private Rigs() {}

  /**
   * Loads of a machine on a field.
   *
   * @param runFeet longest run of the field
   * @param ferryFeet from the filling place to the field's middle, for a drone
   */
  static LoadPlan plan(
      MachineView machine, Area field, SeedBlend blend, double runFeet, double ferryFeet) {
    MachineSetup s = machine.setup();
    return switch (machine.kind()) {
      case DRONE -> drone(s, runFeet).plan(field, blend, ferryFeet);
      case AIRPLANE, HELICOPTER ->
          new AircraftOutfit(
                  hopper(s),
                  need("swath", s.widthFt()),
                  need("speed", s.speedMph()),
                  or(s.ferryMph(), need("speed", s.speedMph())),
                  or(s.fillMinutes(), 6),
                  or(s.turnSeconds(), 30))
              .plan(field, blend, need("way from the strip", s.stripMiles()), runFeet);
      case SLURRY ->
          new SlurryOutfit(
                  need("tank", s.tankGal()),
                  need("slurry per acre", s.galPerAc()),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  or(s.fillMinutes(), 15))
              .plan(field, blend.rate());
      default ->
          new GroundOutfit(
                  hopper(s),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  or(s.fillMinutes(), 10),
                  Mass.ofPounds(or(s.tenderLb(), 0)))
              .plan(field, blend);
    };
  }

  /**
   * @param runFeet length of a line, which tells how many turns an acre takes
   */
  public static DroneOutfit drone(MachineSetup s, double runFeet) {
    return new DroneOutfit(
        hopper(s),
        need("swath", s.widthFt()),
        need("speed", s.speedMph()) * FEET_PER_SECOND_PER_MPH,
        or(s.turnSeconds(), 4) * Area.SQUARE_FEET_PER_ACRE / (need("swath", s.widthFt()) * runFeet),
        need("battery", s.batteryMinutes()),
        or(s.fillMinutes(), 2),
        s.batteries() == null ? 4 : s.batteries(),
        s.chargers() == null ? 2 : s.chargers(),
        or(s.chargeMinutes(), 12),
        or(s.coolMinutes(), 5),
        or(s.gateLbMin(), 0));
  }

  public static Hopper hopper(MachineSetup s) {
    return new Hopper(
        or(s.hopperFt3(), 0), or(s.fill(), 0.95), Mass.ofPounds(or(s.loadLimitLb(), 0)));
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
