package nimblefurrow.core.flight;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import org.locationtech.jts.geom.Coordinate;

/**
 * What is asked of a flight plan.
 *
 * @param home the filling place, longitude and latitude
 * @param margin kept from the field's own edge
 * @param bearing of the lines, degrees from north; empty: whichever needs the fewest turns
 * @param rate bulk seed
 * @param load bulk seed in a full hopper
 * @param speed over the field and on the ferry
 * @param turn from one line into the next
 * @param battery air time of a battery, reserve taken off
 */
public record FlightJob(
    Boundary field,
    List<Hazard> hazards,
    Coordinate home,
    Length swath,
    Length margin,
    Optional<Double> bearing,
    SeedRate rate,
    Mass load,
    Speed speed,
    Duration turn,
    Duration battery) {
  public FlightJob {
    Limits.given("field", field);
    hazards = List.copyOf(hazards);
    Limits.given("filling place", home);
    Limits.within("swath", swath.feet(), 3, 200, Unit.FOOT);
    Limits.within("edge kept free", margin.feet(), 0, 500, Unit.FOOT);
    bearing.ifPresent(b -> Limits.within("direction", b, 0, 360, Unit.DEGREE));
    Limits.positive("rate", rate.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("load", load.pounds(), 20_000, Unit.POUND);
    Limits.within("speed", speed.feetPerSecond(), 1, 300, Unit.FOOT_PER_SECOND);
    Limits.within("turn", Durations.inSeconds(turn), 0, 120, Unit.SECOND);
    Limits.within("battery", Durations.inMinutes(battery), 1, 600, Unit.MINUTE);
  }
}
