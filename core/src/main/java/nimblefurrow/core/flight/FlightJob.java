package nimblefurrow.core.flight;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import org.locationtech.jts.geom.Coordinate;

/**
 * What is asked of a flight plan.
 *
 * @param home the filling place, longitude and latitude
 * @param marginFt kept from the field's own edge, ft
 * @param bearing of the lines, degrees from north; empty: whichever needs the fewest turns
 * @param rate bulk seed
 * @param load bulk seed in a full hopper
 * @param feetPerSecond over the field and on the ferry
 * @param turnSeconds from one line into the next
 * @param batteryMinutes air time of a battery, reserve taken off
 */
public record FlightJob(
    Boundary field,
    List<Hazard> hazards,
    Coordinate home,
    double swathFt,
    double marginFt,
    Optional<Double> bearing,
    SeedRate rate,
    Mass load,
    double feetPerSecond,
    double turnSeconds,
    double batteryMinutes) {
  public FlightJob {
    Limits.given("field", field);
    hazards = List.copyOf(hazards);
    Limits.given("filling place", home);
    Limits.within("swath", swathFt, 3, 200, "ft");
    Limits.within("edge kept free", marginFt, 0, 500, "ft");
    bearing.ifPresent(b -> Limits.within("direction", b, 0, 360, "°"));
    Limits.positive("rate", rate.poundsPerAcre(), 1000, "lb/ac");
    Limits.positive("load", load.pounds(), 20_000, "lb");
    Limits.within("speed", feetPerSecond, 1, 300, "ft/s");
    Limits.within("turn", turnSeconds, 0, 120, "s");
    Limits.within("battery", batteryMinutes, 1, 600, "min");
  }
}
