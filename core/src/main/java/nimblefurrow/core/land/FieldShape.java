package nimblefurrow.core.land;

import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Lengths that a field's shape gives to machines. */
public final class FieldShape {
  private static final double EIGHTH = 45;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  /**
   * What of a field lies at least so far from some shapes.
   *
   * @param shapes in longitude and latitude
   */
  public static Area away(Boundary field, List<Geometry> shapes, Length distance) {
    LocalPlane plane = LocalPlane.about(field.shape());
    Geometry left = plane.toPlane(field.shape());
    double whole = left.getArea();
    for (Geometry shape : shapes) {
      left = left.difference(plane.toPlane(shape).buffer(Math.max(0.01, distance.metres())));
    }
    return Area.ofAcres(whole <= 0 ? 0 : field.area().acres() * left.getArea() / whole);
  }

  private FieldShape() {}

  /** Length of a run along the field's longer side. */
  public static Length longestRun(Boundary field) {
    Geometry flat = LocalPlane.about(field.shape()).toPlane(field.shape());
    Coordinate[] box = MinimumAreaRectangle.getMinimumRectangle(flat).getCoordinates();
    double longest = Math.max(box[0].distance(box[1]), box[1].distance(box[2]));
    return Length.ofMetres(longest);
  }

  /**
   * How passes along the field's longer side lie, as a driver says it: "north and south", "east and
   * west", "northeast and southwest" or "northwest and southeast".
   */
  public static String runs(Boundary field) {
    Geometry flat = LocalPlane.about(field.shape()).toPlane(field.shape());
    Coordinate[] box = MinimumAreaRectangle.getMinimumRectangle(flat).getCoordinates();
    boolean first = box[0].distance(box[1]) >= box[1].distance(box[2]);
    Coordinate from = first ? box[0] : box[1];
    Coordinate to = first ? box[1] : box[2];
    double turned = Math.toDegrees(Math.atan2(to.x - from.x, to.y - from.y));
    return switch ((int) Math.floorMod(Math.round(turned / EIGHTH), 4L)) {
      case 0 -> "north and south";
      case 1 -> "northeast and southwest";
      case 2 -> "east and west";
      default -> "northwest and southeast";
    };
  }

  /** The way from a place to the field's middle. */
  public static Length toMiddle(Boundary field, Coordinate place) {
    LocalPlane plane = LocalPlane.about(field.shape());
    Coordinate middle = plane.toPlane(field.shape()).getCentroid().getCoordinate();
    return Length.ofMetres(plane.toPlane(place).distance(middle));
  }

  /** The point of the field's edge nearest to a place. */
  public static Coordinate edgeTowards(Boundary field, Coordinate place) {
    return DistanceOp.nearestPoints(field.shape().getBoundary(), SHAPES.createPoint(place))[0];
  }
}
