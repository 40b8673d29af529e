package nimblefurrow.core.land;

import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Lengths that a field's shape gives to machines. */
public final class FieldShape {
  private static final double METRES_PER_FOOT = 0.3048;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private FieldShape() {}

  /** Length of a run along the field's longer side, ft. */
  public static double longestRunFeet(Boundary field) {
    Geometry flat = LocalPlane.about(field.shape()).toPlane(field.shape());
    Coordinate[] box = MinimumAreaRectangle.getMinimumRectangle(flat).getCoordinates();
    double longest = Math.max(box[0].distance(box[1]), box[1].distance(box[2]));
    return longest / METRES_PER_FOOT;
  }

  /** Feet from a place to the field's middle. */
  public static double feetToMiddle(Boundary field, Coordinate place) {
    LocalPlane plane = LocalPlane.about(field.shape());
    Coordinate middle = plane.toPlane(field.shape()).getCentroid().getCoordinate();
    return plane.toPlane(place).distance(middle) / METRES_PER_FOOT;
  }

  /** The point of the field's edge nearest to a place. */
  public static Coordinate edgeTowards(Boundary field, Coordinate place) {
    return DistanceOp.nearestPoints(field.shape().getBoundary(), SHAPES.createPoint(place))[0];
  }
}
