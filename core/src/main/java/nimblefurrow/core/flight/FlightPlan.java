package nimblefurrow.core.flight;

import java.time.Duration;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import org.locationtech.jts.geom.Coordinate;

/**
 * A field flown: lines, loads and the ways between, in longitude and latitude.
 *
 * @param bearing of the lines, degrees from north, 0 to below 180
 * @param flown acres under the lines
 * @param leftOut acres too near a hazard or the edge
 * @param lines swath lines, one turn less
 * @param apart from line to line: the swath or a little less
 * @param poundsPerFoot that the gate lays on the line
 */
public record FlightPlan(
    double bearing,
    Area flown,
    Area leftOut,
    int lines,
    Length apart,
    double poundsPerFoot,
    Coordinate home,
    List<Flight> flights) {

  /** One filling and battery: out, over the lines, and back. */
  public record Flight(List<Leg> legs, Mass pounds, Area area, Duration time) {
    /** Where it stops spreading and turns home. */
    public Coordinate endsAt() {
      Coordinate last = null;
      for (Leg leg : legs) {
        if (leg.spreading()) {
          last = leg.points().get(leg.points().size() - 1);
        }
      }
      return last;
    }
  }

  /** A stretch flown straight from point to point, with the gate open or shut. */
  public record Leg(List<Coordinate> points, boolean spreading, Length length) {}

  /** Seed of all flights together. */
  public Mass pounds() {
    return Mass.ofPounds(flights.stream().mapToDouble(f -> f.pounds().pounds()).sum());
  }

  /** From the first start to the last landing, with a refill between flights. */
  public Duration withRefills(Duration refill) {
    return airborne().plus(refill.multipliedBy(flights.size() - 1));
  }

  /** Time in the air, all flights together. */
  public Duration airborne() {
    return flights.stream().map(Flight::time).reduce(Duration.ZERO, Duration::plus);
  }
}
