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

  boolean clear(Coordinate a, Coordinate b) {
    return a.distance(b) < 1e-9 || zone.covers(SHAPES.createLineString(new Coordinate[] {a, b}));
  }

  private boolean clear(int a, int b) {
    if (seen[a][b] == null) {
      seen[a][b] = clear(corners.get(a), corners.get(b));
      seen[b][a] = seen[a][b];
    }
    return seen[a][b];
  }

  Coordinate corner(int i) {
    return corners.get(i);
  }

  /**
   * The shortest ways from one place to every corner.
   *
   * @param metres to each corner, infinite where there is no way
   * @param towards the next corner on the way back to the place, −1 for the place itself
   */
  record Tree(double[] metres, int[] towards) {}

  /** Grows the tree of a place, nearest corner first. */
  Tree treeFrom(Coordinate place) {
    int n = corners.size();
    double[] metres = new double[n];
    int[] towards = new int[n];
    boolean[] done = new boolean[n];
    Arrays.fill(metres, Double.POSITIVE_INFINITY);
    for (int i = 0; i < n; i++) {
      if (clear(place, corners.get(i))) {
        metres[i] = place.distance(corners.get(i));
        towards[i] = -1;
      }
    }
    for (int next = nearest(metres, done); next >= 0; next = nearest(metres, done)) {
      done[next] = true;
      for (int i = 0; i < n; i++) {
        double by = metres[next] + corners.get(next).distance(corners.get(i));
        if (!done[i] && by < metres[i] && clear(next, i)) {
          metres[i] = by;
          towards[i] = next;
        }
      }
    }
    return new Tree(metres, towards);
  }

  private static int nearest(double[] metres, boolean[] done) {
    int nearest = -1;
    for (int i = 0; i < metres.length; i++) {
      if (!done[i]
          && metres[i] < Double.POSITIVE_INFINITY
          && (nearest < 0 || metres[i] < metres[nearest])) {
        nearest = i;
      }
    }
    return nearest;
  }

  /** Of the corners seen from a point the one with the shortest way on; −1 when there is none. */
  int firstSeen(Coordinate point, Tree tree) {
    Integer[] order = new Integer[corners.size()];
    double[] whole = new double[order.length];
    for (int i = 0; i < order.length; i++) {
      order[i] = i;
      whole[i] = tree.metres()[i] + corners.get(i).distance(point);
    }
    Arrays.sort(order, (a, b) -> Double.compare(whole[a], whole[b]));
    for (int i : order) {
      if (whole[i] == Double.POSITIVE_INFINITY) {
        return -1;
      }
      if (clear(point, corners.get(i))) {
        return i;
      }
    }
    return -1;
  }

  /** The way from a to b with both ends; null when there is none. */
  List<Coordinate> between(Coordinate a, Coordinate b) {
    return clear(a, b) ? List.of(a, b) : new Homeward(this, b).from(a);
  }

  static double length(List<Coordinate> way) {
    double length = 0;
    for (int i = 1; i < way.size(); i++) {
      length += way.get(i - 1).distance(way.get(i));
    }
    return length;
  }
}
