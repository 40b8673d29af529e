package nimblefurrow.server.loads;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.loads.Aircraft;
import nimblefurrow.core.loads.Combine;
import nimblefurrow.core.loads.Drone;
import nimblefurrow.core.loads.Hopper;
import nimblefurrow.core.loads.SetUp;
import nimblefurrow.core.loads.SlurryTank;
import nimblefurrow.core.loads.UsualSetUp;
import nimblefurrow.core.loads.Wheeled;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.SetUpFigure;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines.MachineView;

/** Puts what was typed of a machine into the terms in which core plans its loads. */
public final class Rigs {
  private Rigs() {}

  /**
   * What a machine that sows is made of; usual figures stand in where they may.
   *
   * @throws OutOfRange where a figure is missing that nobody can guess
   */
  public static SetUp of(MachineView machine, Figures figures) {
    MachineSetup s = machine.setup();
    Usual usual = new Usual(machine.kind(), figures);
    return switch (machine.kind()) {
      case DRONE -> drone(s, figures);
      case AIRPLANE, HELICOPTER ->
          new Aircraft(
              usual.hopper(s),
              Length.ofFeet(need("swath", s.widthFt())),
              Speed.mph(need("speed", s.speedMph())),
              Speed.mph(or(s.ferryMph(), need("speed", s.speedMph()))),
              Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.FILLING)),
              Durations.seconds(usual.or(s.turnSeconds(), SetUpFigure.TURN)),
              Length.ofMiles(need("way from the strip", s.stripMiles())));
      case SLURRY ->
          new SlurryTank(
              Volume.gallons(need("tank", s.tankGal())),
              Volume.gallons(need("slurry per acre", s.galPerAc())),
              WorkRate.acresPerHour(machine.acresPerHour()),
              Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.TANK_FILLING)));
      case COMBINE_SEEDER ->
          s.grainTankBu() == null || s.yieldBuAc() == null
              ? wheeled(machine, usual)
              : new Combine(
                  wheeled(machine, usual),
                  Volume.bushels(s.grainTankBu()),
                  Volume.bushels(s.yieldBuAc()));
      case DRILL,
          PRECISION_PLANTER,
          BROADCAST_TILLAGE,
          DISC_PASSES,
          BROADCAST,
          HARVEST_SPREADER,
          INTERSEEDER,
          ROW_AIR_SEEDER,
          HIGH_CLEARANCE,
          FROST_SEEDING ->
          wheeled(machine, usual);
      case ROLLER, SPRAYER, PLANTER, TILLAGE, MOWER, COMBINE, CHOPPER, OTHER ->
          throw new OutOfRange("machine", machine.name() + " does not sow: take one that does");
    };
  }

  private static Wheeled wheeled(MachineView machine, Usual usual) {
    MachineSetup s = machine.setup();
    return new Wheeled(
        usual.hopper(s),
        WorkRate.acresPerHour(machine.acresPerHour()),
        Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.FILLING)),
        Mass.ofPounds(or(s.tenderLb(), 0)));
  }

  /** A drone as it is set up. */
  public static Drone drone(MachineSetup s, Figures figures) {
    Usual usual = new Usual(MachineKind.DRONE, figures);
    return new Drone(
        usual.hopper(s),
        Length.ofFeet(need("swath", s.widthFt())),
        Speed.mph(need("speed", s.speedMph())),
        Durations.seconds(usual.or(s.turnSeconds(), SetUpFigure.TURN)),
        Durations.minutes(need("battery", s.batteryMinutes())),
        Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.FILLING)),
        usual.or(s.batteries(), SetUpFigure.BATTERIES),
        usual.or(s.chargers(), SetUpFigure.CHARGERS),
        Durations.minutes(usual.or(s.chargeMinutes(), SetUpFigure.CHARGING)),
        Durations.minutes(usual.or(s.coolMinutes(), SetUpFigure.COOLING)),
        Mass.ofPounds(or(s.gateLbMin(), 0)));
  }

  /** What stands in for a figure that is not entered. */
  private record Usual(MachineKind kind, Figures figures) {
    double or(Double entered, SetUpFigure figure) {
      return entered == null ? UsualSetUp.of(figure, kind, figures).orElseThrow() : entered;
    }

    int or(Integer entered, SetUpFigure figure) {
      return (int) Math.round(or(entered == null ? null : (double) entered, figure));
    }

    Hopper hopper(MachineSetup s) {
      return new Hopper(
          Volume.cubicFeet(Rigs.or(s.hopperFt3(), 0)),
          or(s.fill(), SetUpFigure.FILL),
          Mass.ofPounds(Rigs.or(s.loadLimitLb(), 0)));
    }
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
