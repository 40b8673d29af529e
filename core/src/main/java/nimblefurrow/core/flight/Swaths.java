package nimblefurrow.core.flight;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Parallel lines over the parts of a zone, evenly apart, never more than a swath. Every part's
 * lines are set out from its own edges.
 *
 * @param bearing of the lines, degrees from north, 0 to below 180
 */
record Swaths(double bearing, List<List<LineSegment>> byPart) {
  private static final double SHORTEST_M = 0.5;
  private static final double LONG_EDGE = 3;
  private static final int MOST_DIRECTIONS = 12;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  /** Lines at a bearing. */
  static Swaths at(List<Polygon> parts, double swathM, double bearing) {
    return new Swaths(bearing, parts.stream().map(p -> lines(p, swathM, bearing)).toList());
  }

  /** Lines at the bearing that needs the fewest, and so the fewest turns. */
  static Swaths fewestTurns(List<Polygon> parts, double swathM) {
    Swaths best = null;
    for (double bearing : bearings(parts, swathM * LONG_EDGE)) {
      Swaths tried = at(parts, swathM, bearing);
      if (best == null || tried.count() < best.count()) {
        best = tried;
      }
    }
    return best;
  }

  int count() {
    return byPart.stream().mapToInt(List::size).sum();
  }

  double metres() {
    return byPart.stream().flatMap(List::stream).mapToDouble(LineSegment::getLength).sum();
  }

  /** The bearings of the parts' own long edges, the longest first, and the four winds. */
  private static Collection<Double> bearings(List<Polygon> parts, double leastM) {
    List<LineSegment> edges = new ArrayList<>();
    for (Polygon part : parts) {
      Coordinate[] c = part.getExteriorRing().getCoordinates();
      for (int i = 1; i < c.length; i++) {
        LineSegment edge = new LineSegment(c[i - 1], c[i]);
        if (edge.getLength() >= leastM) {
          edges.add(edge);
        }
      }
    }
    edges.sort((a, b) -> Double.compare(b.getLength(), a.getLength()));
    Map<Long, Double> bearings = new TreeMap<>();
    for (LineSegment edge : edges) {
      double bearing = bearing(edge);
      if (bearings.size() < MOST_DIRECTIONS) {
        bearings.putIfAbsent(Math.round(bearing * 2) % 360, bearing);
      }
    }
    bearings.putIfAbsent(0L, 0.0);
    bearings.putIfAbsent(180L, 90.0);
    return bearings.values();
  }

  private static double bearing(LineSegment edge) {
    double degrees = 90 - Math.toDegrees(edge.angle());
    return ((degrees % 180) + 180) % 180;
  }

  private static List<LineSegment> lines(Polygon part, double swathM, double bearing) {
    Coordinate middle = part.getEnvelopeInternal().centre();
    double turn = Math.toRadians(90 - bearing);
    Geometry level =
        AffineTransformation.rotationInstance(-turn, middle.x, middle.y).transform(part);
    AffineTransformation back = AffineTransformation.rotationInstance(turn, middle.x, middle.y);
    Envelope box = level.getEnvelopeInternal();
    int count = Math.max(1, (int) Math.ceil(box.getHeight() / swathM - 1e-6));
    double apart = box.getHeight() / count;
    List<LineSegment> lines = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double y = box.getMinY() + (i + 0.5) * apart;
      Geometry crossed =
          level.intersection(
              SHAPES.createLineString(
                  new Coordinate[] {
                    new Coordinate(box.getMinX() - 1, y), new Coordinate(box.getMaxX() + 1, y)
                  }));
      for (int g = 0; g < crossed.getNumGeometries(); g++) {
        if (crossed.getGeometryN(g) instanceof LineString line && line.getLength() >= SHORTEST_M) {
          Geometry flown = back.transform(line);
          Coordinate[] c = flown.getCoordinates();
          lines.add(new LineSegment(c[0], c[c.length - 1]));
        }
      }
    }
    return lines;
  }
}
