package nimblefurrow.server.loads;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.loads.AircraftOutfit;
import nimblefurrow.core.loads.DroneOutfit;
import nimblefurrow.core.loads.GroundOutfit;
import nimblefurrow.core.loads.Hopper;
import nimblefurrow.core.loads.LoadPlan;
import nimblefurrow.core.loads.SlurryOutfit;
import nimblefurrow.core.loads.UsualSetUp;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.core.work.SetUpFigure;
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
    Usual usual = new Usual(machine.kind(), blend.figures());
    return switch (machine.kind()) {
      case DRONE -> drone(s, run, blend.figures()).plan(field, blend, ferry);
      case AIRPLANE, HELICOPTER ->
          new AircraftOutfit(
                  usual.hopper(s),
                  Length.ofFeet(need("swath", s.widthFt())),
                  Speed.mph(need("speed", s.speedMph())),
                  Speed.mph(or(s.ferryMph(), need("speed", s.speedMph()))),
                  Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.FILLING)),
                  Durations.seconds(usual.or(s.turnSeconds(), SetUpFigure.TURN)))
              .plan(field, blend, Length.ofMiles(need("way from the strip", s.stripMiles())), run);
      case SLURRY ->
          new SlurryOutfit(
                  Volume.gallons(need("tank", s.tankGal())),
                  Volume.gallons(need("slurry per acre", s.galPerAc())),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.TANK_FILLING)))
              .plan(field, blend.rate());
      default ->
          new GroundOutfit(
                  usual.hopper(s),
                  WorkRate.acresPerHour(machine.acresPerHour()),
                  Durations.minutes(usual.or(s.fillMinutes(), SetUpFigure.FILLING)),
                  Mass.ofPounds(or(s.tenderLb(), 0)))
              .plan(field, blend);
    };
  }

  /**
   * @param run length of a line, which tells how many turns an acre takes
   */
  public static DroneOutfit drone(MachineSetup s, Length run, Figures figures) {
    Usual usual = new Usual(MachineKind.DRONE, figures);
    Length swath = Length.ofFeet(need("swath", s.widthFt()));
    double turnsPerAcre = Area.ofAcres(1).squareFeet() / (swath.feet() * run.feet());
    return new DroneOutfit(
        usual.hopper(s),
        swath,
        Speed.mph(need("speed", s.speedMph())),
        Durations.seconds(usual.or(s.turnSeconds(), SetUpFigure.TURN) * turnsPerAcre),
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
