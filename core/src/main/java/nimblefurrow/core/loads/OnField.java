package nimblefurrow.core.loads;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;

/**
 * A field as a machine meets it that has to be filled: {@code new OnField(Area.ofAcres(80),
 * Length.ofFeet(2640), Length.ofFeet(900))}. Not its outline or its seed.
 *
 * @param area what is sown
 * @param run the longest run, ft; turns come at its ends
 * @param ferry from the filling place to the middle of the work, one way, ft
 */
public record OnField(Area area, Length run, Length ferry) {
  public OnField {
    Limits.given("area", area);
    Limits.given("run", run);
    Limits.given("ferry", ferry);
  }
}
