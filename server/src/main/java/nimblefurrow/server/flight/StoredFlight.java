package nimblefurrow.server.flight;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import org.locationtech.jts.geom.Coordinate;

/**
 * The plan that a flight started with, as its row keeps it: what is changed afterwards on the
 * field, the map or the machine does not turn a drone that is in the air.
 *
 * @param v how it is written down: 1
 * @param cover the cover that is sown by it
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredFlight(
    int v,
    String field,
    String machine,
    String seed,
    int passes,
    UUID cover,
    Craft craft,
    Plan plan) {
  record Craft(
      double feetPerSecond,
      double turnSeconds,
      double batteryMinutes,
      double refillMinutes,
      double swathFt,
      double mostWindMph) {}

  record Plan(
      double bearing,
      double flownAcres,
      double leftOutAcres,
      int lines,
      double apartFt,
      double poundsPerFoot,
      double[] home,
      List<Flight> flights) {}

  record Flight(List<Leg> legs, double pounds, double acres, double minutes) {}

  /** Points are pairs of longitude and latitude. */
  record Leg(double[][] points, boolean spreading, double feet) {}

  static StoredFlight of(FlightDesk.Planned p) {
    DronePort.Craft c = p.craft();
    FlightPlan plan = p.plan();
    return new StoredFlight(
        1,
        p.field().field().name(),
        p.machine().name(),
        p.blend().name(),
        p.passes().size(),
        p.field().key(),
        new Craft(
            c.feetPerSecond(),
            c.turnSeconds(),
            c.batteryMinutes(),
            c.refillMinutes(),
            c.swathFt(),
            c.mostWindMph()),
        new Plan(
            plan.bearing(),
            plan.flown().acres(),
            plan.leftOut().acres(),
            plan.lines(),
            plan.apartFt(),
            plan.poundsPerFoot(),
            pair(plan.home()),
            plan.flights().stream().map(StoredFlight::flight).toList()));
  }

  DronePort.Craft flownBy() {
    return new DronePort.Craft(
        craft.feetPerSecond,
        craft.turnSeconds,
        craft.batteryMinutes,
        craft.refillMinutes,
        craft.swathFt,
        craft.mostWindMph);
  }

  FlightPlan flown() {
    return new FlightPlan(
        plan.bearing,
        Area.ofAcres(plan.flownAcres),
        Area.ofAcres(plan.leftOutAcres),
        plan.lines,
        plan.apartFt,
        plan.poundsPerFoot,
        point(plan.home),
        plan.flights.stream().map(StoredFlight::flight).toList());
  }

  private static Flight flight(FlightPlan.Flight f) {
    return new Flight(
        f.legs().stream()
            .map(
                l ->
                    new Leg(
                        l.points().stream().map(StoredFlight::pair).toArray(double[][]::new),
                        l.spreading(),
                        l.feet()))
            .toList(),
        f.pounds().pounds(),
        f.area().acres(),
        f.minutes());
  }

  private static FlightPlan.Flight flight(Flight f) {
    return new FlightPlan.Flight(
        f.legs.stream()
            .map(
                l ->
                    new FlightPlan.Leg(
                        Arrays.stream(l.points).map(StoredFlight::point).toList(),
                        l.spreading,
                        l.feet))
            .toList(),
        Mass.ofPounds(f.pounds),
        Area.ofAcres(f.acres),
        f.minutes);
  }

  private static double[] pair(Coordinate c) {
    return new double[] {c.x, c.y};
  }

  private static Coordinate point(double[] pair) {
    return new Coordinate(pair[0], pair[1]);
  }
}
