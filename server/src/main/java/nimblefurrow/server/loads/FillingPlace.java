package nimblefurrow.server.loads;

import java.util.Comparator;
import nimblefurrow.core.land.FieldShape;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.loads.OnField;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.land.Marks;
import org.locationtech.jts.geom.Coordinate;

/**
 * The place where a field's loads are filled: a marked filling place, or the edge towards home.
 *
 * @param words as it is told
 */
public record FillingPlace(Coordinate at, String words) {
  private static final double NEAR_DEGREES = 0.03;

  /** Where loads for a field are filled. */
  public static FillingPlace of(LoadDesk.Yard yard, FieldView field) {
    Coordinate middle = field.outline().inside().getCoordinate();
    return yard.marks().stream()
        .filter(m -> m.kind() == MarkKind.FILLING_PLACE || m.kind() == MarkKind.ACCESS)
        .filter(m -> m.geometry().getCoordinate().distance(middle) < NEAR_DEGREES)
        .min(
            Comparator.comparing((Marks.MarkView m) -> m.kind() != MarkKind.FILLING_PLACE)
                .thenComparing(m -> m.geometry().getCoordinate().distance(middle)))
        .map(
            m ->
                new FillingPlace(
                    m.geometry().getCoordinate(), m.name().isBlank() ? m.words() : m.name()))
        .orElseGet(
            () ->
                new FillingPlace(
                    FieldShape.edgeTowards(field.outline(), home(yard, field)),
                    "the field's edge towards the farmstead"));
  }

  private static Coordinate home(LoadDesk.Yard yard, FieldView field) {
    return yard.steads().stream()
        .filter(s -> s.name().equals(field.farmstead()))
        .findFirst()
        .map(s -> new Coordinate(s.longitude(), s.latitude()))
        .orElse(field.outline().shape().getCoordinate());
  }

  /** A field as a machine meets it that is filled here. */
  OnField on(FieldView land) {
    return new OnField(
        Area.ofAcres(land.acres()),
        FieldShape.longestRun(land.outline()),
        FieldShape.toMiddle(land.outline(), at));
  }
}
