package nimblefurrow.core.land;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.CoordinateSequenceFilter;
import org.locationtech.jts.geom.Geometry;

/**
 * A flat map in metres about one point, true enough over a field (WGS 84 radii of curvature at its
 * latitude; lengths within 0.01 % over a few miles). East is x, north is y.
 */
public final class LocalPlane {
  private static final double AXIS = 6_378_137;
  private static final double FLATTENING_2 = 0.00669437999014;

  private final double longitude;
  private final double latitude;
  private final double metresPerDegreeEast;
  private final double metresPerDegreeNorth;

  private LocalPlane(double longitude, double latitude) {
    this.longitude = longitude;
    this.latitude = latitude;
    double sine = Math.sin(Math.toRadians(latitude));
    double w = 1 - FLATTENING_2 * sine * sine;
    this.metresPerDegreeNorth = Math.toRadians(1) * AXIS * (1 - FLATTENING_2) / Math.pow(w, 1.5);
    this.metresPerDegreeEast =
        Math.toRadians(1) * AXIS / Math.sqrt(w) * Math.cos(Math.toRadians(latitude));
  }

  /** A flat map around the middle of a shape; good to a hand's breadth over a field. */
  public static LocalPlane about(Geometry shape) {
    Coordinate middle = shape.getEnvelopeInternal().centre();
    return new LocalPlane(middle.x, middle.y);
  }

  /** A point of the globe on the map, m east and north of its middle. */
  public Coordinate toPlane(Coordinate c) {
    return new Coordinate(
        (c.x - longitude) * metresPerDegreeEast, (c.y - latitude) * metresPerDegreeNorth);
  }

  /** A point of the map in longitude and latitude. */
  public Coordinate toGlobe(Coordinate c) {
    return new Coordinate(
        longitude + c.x / metresPerDegreeEast, latitude + c.y / metresPerDegreeNorth);
  }

  /** A shape of the globe on the map. */
  public Geometry toPlane(Geometry shape) {
    return moved(shape, true);
  }

  /** A shape of the map in longitude and latitude. */
  public Geometry toGlobe(Geometry shape) {
    return moved(shape, false);
  }

  private Geometry moved(Geometry shape, boolean flat) {
    Geometry copy = shape.copy();
    copy.apply(
        new CoordinateSequenceFilter() {
          @Override
          public void filter(CoordinateSequence s, int i) {
            Coordinate at = new Coordinate(s.getX(i), s.getY(i));
            Coordinate to = flat ? toPlane(at) : toGlobe(at);
            s.setOrdinate(i, 0, to.x);
            s.setOrdinate(i, 1, to.y);
          }

          @Override
          public boolean isDone() {
            return false;
          }

          @Override
          public boolean isGeometryChanged() {
            return true;
          }
        });
    return copy;
  }
}
