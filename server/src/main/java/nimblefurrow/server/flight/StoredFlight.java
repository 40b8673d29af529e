package nimblefurrow.server.flight;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Speed;
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
            c.speed().feetPerSecond(),
            Durations.inSeconds(c.turn()),
            Durations.inMinutes(c.battery()),
            Durations.inMinutes(c.refill()),
            c.swath().feet(),
            c.mostWind().mph()),
        new Plan(
            plan.bearing(),
            plan.flown().acres(),
            plan.leftOut().acres(),
            plan.lines(),
            plan.apart().feet(),
            plan.poundsPerFoot(),
            pair(plan.home()),
            plan.flights().stream().map(StoredFlight::flight).toList()));
  }

  DronePort.Craft flownBy() {
    return new DronePort.Craft(
        Speed.feetPerSecond(craft.feetPerSecond),
        Durations.seconds(craft.turnSeconds),
        Durations.minutes(craft.batteryMinutes),
        Durations.minutes(craft.refillMinutes),
        Length.ofFeet(craft.swathFt),
        Speed.mph(craft.mostWindMph));
  }

  FlightPlan flown() {
    return new FlightPlan(
        plan.bearing,
        Area.ofAcres(plan.flownAcres),
        Area.ofAcres(plan.leftOutAcres),
        plan.lines,
        Length.ofFeet(plan.apartFt),
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
                        l.length().feet()))
            .toList(),
        f.pounds().pounds(),
        f.area().acres(),
        Durations.inMinutes(f.time()));
  }

  private static FlightPlan.Flight flight(Flight f) {
    return new FlightPlan.Flight(
        f.legs.stream()
            .map(
                l ->
                    new FlightPlan.Leg(
                        Arrays.stream(l.points).map(StoredFlight::point).toList(),
                        l.spreading,
                        Length.ofFeet(l.feet)))
            .toList(),
        Mass.ofPounds(f.pounds),
        Area.ofAcres(f.acres),
        Durations.minutes(f.minutes));
  }

  private static double[] pair(Coordinate c) {
    return new double[] {c.x, c.y};
  }

  private static Coordinate point(double[] pair) {
    return new Coordinate(pair[0], pair[1]);
  }
}
