package nimblefurrow.core.flight;

import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import org.locationtech.jts.geom.Geometry;

/**
 * Something to keep away from, in longitude and latitude.
 *
 * @param keepAway distance kept from it
 */
public record Hazard(MarkKind kind, String name, Geometry shape, Length keepAway) {
  public Hazard {
    Limits.given("hazard", shape);
    Limits.within("distance from the hazard", keepAway.feet(), 0, 5000, Unit.FOOT);
  }
}
