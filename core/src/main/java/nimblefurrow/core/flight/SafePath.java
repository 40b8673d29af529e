package nimblefurrow.core.flight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * The shortest way between two points that never leaves a zone: straight where it can, else by the
 * corners around which the zone bends.
 */
final class SafePath {
  private static final double SLACK_M = 0.005;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private final PreparedGeometry zone;
  private final List<Coordinate> corners = new ArrayList<>();
  private final Boolean[][] seen;

  SafePath(Geometry zone) {
    this.zone = PreparedGeometryFactory.prepare(zone.buffer(SLACK_M, 1));
    for (int i = 0; i < zone.getNumGeometries(); i++) {
      Polygon polygon = (Polygon) zone.getGeometryN(i);
      addCorners(polygon.getExteriorRing(), true);
      for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
        addCorners(polygon.getInteriorRingN(h), false);
      }
    }
    this.seen = new Boolean[corners.size()][corners.size()];
  }

  /** Keeps the corners at which a shortest way can bend: those that stick into the zone. */
  private void addCorners(LinearRing ring, boolean shell) {
    Coordinate[] c = ring.getCoordinates();
    boolean ccw = Orientation.isCCW(c);
    for (int i = 0; i < c.length - 1; i++) {
      Coordinate before = c[i == 0 ? c.length - 2 : i - 1];
      int turn = Orientation.index(before, c[i], c[i + 1]);
      boolean left = turn == Orientation.COUNTERCLOCKWISE;
      boolean bendsIn = shell ? left != ccw : left == ccw;
      if (turn != Orientation.COLLINEAR && bendsIn) {
        corners.add(c[i]);
      }
    }
  }

  private boolean clear(Coordinate a, Coordinate b) {
    return a.distance(b) < 1e-9 || zone.covers(SHAPES.createLineString(new Coordinate[] {a, b}));
  }

  private boolean clear(int a, int b) {
    if (seen[a][b] == null) {
      seen[a][b] = clear(corners.get(a), corners.get(b));
      seen[b][a] = seen[a][b];
    }
    return seen[a][b];
  }

  /** The way from a to b with both ends; null when there is none. */
  List<Coordinate> between(Coordinate a, Coordinate b) {
    if (clear(a, b)) {
      return List.of(a, b);
    }
    int n = corners.size();
    double[] length = new double[n];
    int[] from = new int[n];
    boolean[] done = new boolean[n];
    Arrays.fill(length, Double.POSITIVE_INFINITY);
    for (int i = 0; i < n; i++) {
      if (clear(a, corners.get(i))) {
        length[i] = a.distance(corners.get(i));
        from[i] = -1;
      }
    }
    while (true) {
      int next = -1;
      for (int i = 0; i < n; i++) {
        if (!done[i]
            && length[i] < Double.POSITIVE_INFINITY
            && (next < 0
                || length[i] + corners.get(i).distance(b)
                    < length[next] + corners.get(next).distance(b))) {
          next = i;
        }
      }
      if (next < 0) {
        return null;
      }
      done[next] = true;
      if (clear(corners.get(next), b)) {
        return traced(a, b, next, from);
      }
      for (int i = 0; i < n; i++) {
        double by = length[next] + corners.get(next).distance(corners.get(i));
        if (!done[i] && by < length[i] && clear(next, i)) {
          length[i] = by;
          from[i] = next;
        }
      }
    }
  }

  private List<Coordinate> traced(Coordinate a, Coordinate b, int last, int[] from) {
    List<Coordinate> way = new ArrayList<>(List.of(b));
    for (int at = last; at >= 0; at = from[at]) {
      way.add(0, corners.get(at));
    }
    way.add(0, a);
    return way;
  }

  static double length(List<Coordinate> way) {
    double length = 0;
    for (int i = 1; i < way.size(); i++) {
      length += way.get(i - 1).distance(way.get(i));
    }
    return length;
  }
}
