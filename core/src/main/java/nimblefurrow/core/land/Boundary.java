package nimblefurrow.core.land;

import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.PolygonArea;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/**
 * A field's outline in longitude and latitude (WGS 84), one polygon or several, holes allowed. Its
 * area is measured on the ellipsoid, not on a flat map.
 */
public final class Boundary {
  private static final double LEAST_ACRES = 0.05;
  private static final double MOST_ACRES = 50_000;
  private static final int MOST_POINTS = 20_000;

  /** No field of 50,000 acres is wider; a shape that seems to be crosses the 180° line. */
  private static final double WIDEST_DEGREES = 2;

  private final Geometry shape;
  private final Area area;

  private Boundary(Geometry shape, Area area) {
    this.shape = shape;
    this.area = area;
  }

  /**
   * Takes a boundary after checking it.
   *
   * @param name the field's name, for the message
   * @throws OutOfRange when it is no polygon, lies off the globe, crosses itself or is too small or
   *     too large for a field
   */
  public static Boundary of(String name, Geometry shape) {
    if (!(shape instanceof Polygon || shape instanceof MultiPolygon) || shape.isEmpty()) {
      throw refused(name, "is not an area: a field needs a closed outline");
    }
    if (shape.getNumPoints() > MOST_POINTS) {
      throw refused(
          name, "has %,d points, at most %,d".formatted(shape.getNumPoints(), MOST_POINTS));
    }
    for (Coordinate c : shape.getCoordinates()) {
      if (!(Math.abs(c.x) <= 180 && Math.abs(c.y) <= 90)) {
        throw refused(
            name,
            "has a point at %.4f, %.4f: longitude is −180 to 180° and latitude −90 to 90°"
                .formatted(c.x, c.y));
      }
    }
    Envelope box = shape.getEnvelopeInternal();
    if (box.getWidth() > WIDEST_DEGREES || box.getHeight() > WIDEST_DEGREES) {
      throw refused(
          name,
          "reaches over %.1f° of the globe: a field lies on one side of the 180° line and within %.0f°"
              .formatted(Math.max(box.getWidth(), box.getHeight()), WIDEST_DEGREES));
    }
    TopologyValidationError error = new IsValidOp(shape).getValidationError();
    if (error != null) {
      Coordinate at = error.getCoordinate();
      throw refused(
          name,
          "%s near %.5f, %.5f"
              .formatted(
                  error.getErrorType() == TopologyValidationError.SELF_INTERSECTION
                      ? "crosses itself"
                      : error.getMessage().toLowerCase(),
                  at.x,
                  at.y));
    }
    Area area = geodesic(shape);
    if (area.acres() < LEAST_ACRES || area.acres() > MOST_ACRES) {
      throw refused(
          name,
          Reason.of(
              "measures {}: a field is {} to {}",
              Measure.of(area.acres(), Unit.ACRE),
              Measure.of(LEAST_ACRES, Unit.ACRE),
              Measure.of(MOST_ACRES, Unit.ACRE)));
    }
    return new Boundary(shape, area);
  }

  private static OutOfRange refused(String name, String why) {
    return refused(name, Reason.of(why));
  }

  private static OutOfRange refused(String name, Reason why) {
    return new OutOfRange("boundary", Reason.of("boundary of “{}” {}", name, why));
  }

  /** The outline in longitude and latitude. */
  public Geometry shape() {
    return shape;
  }

  /** Land within it, holes taken off. */
  public Area area() {
    return area;
  }

  /** A point inside the field, for its label and for distances. */
  public Point inside() {
    return shape.getInteriorPoint();
  }

  private static Area geodesic(Geometry shape) {
    double squareMetres = 0;
    for (int i = 0; i < shape.getNumGeometries(); i++) {
      Polygon polygon = (Polygon) shape.getGeometryN(i);
      squareMetres += ring(polygon.getExteriorRing());
      for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
        squareMetres -= ring(polygon.getInteriorRingN(h));
      }
    }
    return Area.ofSquareMetres(Math.max(0, squareMetres));
  }

  private static double ring(LinearRing ring) {
    PolygonArea area = new PolygonArea(Geodesic.WGS84, false);
    Coordinate[] points = ring.getCoordinates();
    for (int i = 0; i < points.length - 1; i++) {
      area.AddPoint(points[i].y, points[i].x);
    }
    return Math.abs(area.Compute().area);
  }
}
