package nimblefurrow.server.taskdata;

import static nimblefurrow.server.taskdata.Attributes.wrong;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** A polygon as it is read line by line: an outer ring and its holes. What lies in none is lost. */
final class Outline {
  static final GeometryFactory SHAPES = new GeometryFactory();
  private static final int MOST_POINTS = 200_000;
  private static final String HOLE = "2";

  private boolean within;
  private final List<LinearRing> holes = new ArrayList<>();
  private LinearRing outer;
  private List<Coordinate> line;
  private String lineKind;
  private int points;

  void begins() {
    within = true;
    outer = null;
    holes.clear();
  }

  void lineBegins(String kind) {
    line = new ArrayList<>();
    lineKind = kind;
  }

  /** Whether a point is one of a line. */
  boolean takesPoints() {
    return line != null;
  }

  void point(double longitude, double latitude) {
    if (++points > MOST_POINTS) {
      throw wrong("a file holds at most %,d points".formatted(MOST_POINTS));
    }
    line.add(new Coordinate(longitude, latitude));
  }

  /** A line within another is the last of the two; what is in no polygon is passed over. */
  void lineEnds() {
    if (within && line != null) {
      LinearRing ring = ring(line);
      if (lineKind.equals(HOLE)) {
        holes.add(ring);
      } else {
        outer = ring;
      }
    }
    line = null;
  }

  private static LinearRing ring(List<Coordinate> line) {
    if (!line.isEmpty() && !line.get(0).equals2D(line.get(line.size() - 1))) {
      line.add(line.get(0));
    }
    if (line.size() < 4) {
      throw wrong("an outline has three points at least");
    }
    return SHAPES.createLinearRing(line.toArray(Coordinate[]::new));
  }

  /** The polygon, where it has an outer ring. */
  Optional<Polygon> ends() {
    within = false;
    return Optional.ofNullable(outer)
        .map(ring -> SHAPES.createPolygon(ring, holes.toArray(LinearRing[]::new)));
  }
}
