package nimblefurrow.core.flight;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
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
    Limits.within("swath", swathFt, 3, 200, Unit.FOOT);
    Limits.within("edge kept free", marginFt, 0, 500, Unit.FOOT);
    bearing.ifPresent(b -> Limits.within("direction", b, 0, 360, Unit.DEGREE));
    Limits.positive("rate", rate.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("load", load.pounds(), 20_000, Unit.POUND);
    Limits.within("speed", feetPerSecond, 1, 300, Unit.FOOT_PER_SECOND);
    Limits.within("turn", turnSeconds, 0, 120, Unit.SECOND);
    Limits.within("battery", batteryMinutes, 1, 600, Unit.MINUTE);
  }
}
