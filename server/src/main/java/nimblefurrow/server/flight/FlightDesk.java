package nimblefurrow.server.flight;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.flight.FlightJob;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.flight.FlightPlanner;
import nimblefurrow.core.flight.Hazard;
import nimblefurrow.core.loads.Drone;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.land.Marks;
import nimblefurrow.server.loads.FillingPlace;
import nimblefurrow.server.loads.LoadDesk;
import nimblefurrow.server.loads.Rigs;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.stereotype.Service;

/** Makes flight plans from a field, its hazards, its seed and a drone. */
@Service
class FlightDesk {
  private static final double HAZARDS_NEAR_DEGREES = 0.005;

  /**
   * What was asked of a plan; kept with a flight so that it can be made again.
   *
   * @param pass which of the seed's passes, from 1
   */
  record Asked(
      UUID fieldId,
      UUID machineId,
      int pass,
      @Maybe Double bearing,
      double marginFt,
      @Maybe Double homeLongitude,
      @Maybe Double homeLatitude) {}

  /** A plan with what it was made of. */
  record Planned(
      FlightPlan plan,
      DronePort.Craft craft,
      FieldSeasons field,
      MachineView machine,
      SeedBlend blend,
      List<SeedBlend> passes,
      List<Hazard> hazards,
      String filling) {}

  private final Seasons seasons;
  private final Machines machines;
  private final Marks marks;
  private final LoadDesk loads;

  FlightDesk(Seasons seasons, Machines machines, Marks marks, LoadDesk loads) {
    this.seasons = seasons;
    this.machines = machines;
    this.marks = marks;
    this.loads = loads;
  }

  Planned plan(UUID farmId, Asked asked) {
    OneField one = seasons.one(farmId, asked.fieldId());
    FarmDay farm = one.day();
    FieldSeasons field = one.running();
    MachineView machine = machines.one(farmId, asked.machineId());
    if (machine.kind() != MachineKind.DRONE) {
      throw new OutOfRange("machine", machine.name() + " is no drone: a flight plan is for drones");
    }
    List<SeedBlend> passes = loads.blend(farm, field).passes();
    Limits.within("pass", asked.pass(), 1, passes.size(), Unit.NONE);
    SeedBlend blend = passes.get(asked.pass() - 1);
    Drone drone = Rigs.drone(machine.setup(), farm.figures());
    FillingPlace filling =
        asked.homeLongitude() != null && asked.homeLatitude() != null
            ? new FillingPlace(
                new Coordinate(
                    Limits.within("longitude", asked.homeLongitude(), -180, 180, Unit.DEGREE),
                    Limits.within("latitude", asked.homeLatitude(), -90, 90, Unit.DEGREE)),
                "the place you set")
            : FillingPlace.of(loads.yard(farmId), field.field());
    var around = field.field().shape().getEnvelopeInternal();
    around.expandBy(HAZARDS_NEAR_DEGREES);
    List<Hazard> hazards =
        marks.all(farmId).stream()
            .filter(m -> m.kind().hazard() && m.keepAwayFt() > 0)
            .filter(m -> around.intersects(m.geometry().getEnvelopeInternal()))
            .map(Marks.MarkView::hazard)
            .toList();
    FlightPlan plan =
        FlightPlanner.plan(
            new FlightJob(
                field.field().outline(),
                hazards,
                filling.at(),
                drone.swath(),
                Length.ofFeet(Limits.within("edge kept free", asked.marginFt(), 0, 500, Unit.FOOT)),
                Optional.ofNullable(asked.bearing()),
                blend.rate(),
                drone.hopper().load(blend),
                drone.speedFor(blend.rate()),
                drone.turn(),
                drone.battery()));
    DronePort.Craft craft =
        new DronePort.Craft(
            drone.speedFor(blend.rate()),
            drone.turn(),
            drone.battery(),
            drone.refill(),
            drone.swath(),
            mostWind(farm.figures()));
    return new Planned(plan, craft, field, machine, blend, passes, hazards, filling.words());
  }

  /** Wind above which a drone is not started: the one up to which a day is fit for it. */
  private static Speed mostWind(Figures figures) {
    return Speed.mph(figures.sheet("fit-days").row(MachineKind.DRONE.code()).number("wind_high"));
  }
}
