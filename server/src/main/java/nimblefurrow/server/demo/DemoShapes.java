package nimblefurrow.server.demo;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Outlines that look like land, from a place and a size in miles. */
final class DemoShapes {
  static final double SOUTH = 39.962;
  static final double WEST = -97.09;
  private static final double LATITUDE_PER_MILE = 0.014494;
  private static final double LONGITUDE_PER_MILE = 0.018888;
  private static final int STEPS = 24;

  private DemoShapes() {}

  static Polygon shape(String kind, double x, double y, double w, double h) {
    List<double[]> points = new ArrayList<>();
    switch (kind) {
      case "pivot" -> circle(points, x, y, w);
      case "creek" -> {
        add(points, x, y);
        wander(points, x + w, y, x + w, y + h, 0.035, 2.3);
        add(points, x, y + h);
      }
      case "bend" -> {
        add(points, x, y);
        wander(points, x + w * 0.75, y, x + w, y + h * 0.5, 0.03, 1.7);
        wander(points, x + w, y + h * 0.55, x + w * 0.6, y + h, 0.03, 1.4);
        add(points, x, y + h);
      }
      case "terrace" -> {
        wander(points, x, y, x + w, y, 0.018, 1.6);
        wander(points, x + w, y + h, x, y + h, 0.018, 2.1);
      }
      default -> {
        add(points, x, y);
        add(points, x + w, y);
        add(points, x + w, y + h);
        add(points, x, y + h);
      }
    }
    points.add(points.get(0));
    return new GeometryFactory()
        .createPolygon(points.stream().map(DemoShapes::place).toArray(Coordinate[]::new));
  }

  private static void circle(List<double[]> points, double x, double y, double radius) {
    for (int i = 0; i < 48; i++) {
      double angle = 2 * Math.PI * i / 48;
      add(points, x + radius * Math.cos(angle), y + radius * Math.sin(angle));
    }
  }

  /** A line that wanders inward from the straight one. */
  private static void wander(
      List<double[]> points,
      double x1,
      double y1,
      double x2,
      double y2,
      double depth,
      double waves) {
    double length = Math.hypot(x2 - x1, y2 - y1);
    for (int i = 0; i <= STEPS; i++) {
      double t = (double) i / STEPS;
      double in = depth * Math.sin(Math.PI * t) * (1 + Math.sin(2 * Math.PI * waves * t)) / 2;
      add(
          points,
          x1 + (x2 - x1) * t - (y2 - y1) / length * in,
          y1 + (y2 - y1) * t + (x2 - x1) / length * in);
    }
  }

  private static void add(List<double[]> points, double x, double y) {
    points.add(new double[] {x, y});
  }

  static Coordinate place(double[] miles) {
    return new Coordinate(
        WEST + miles[0] * LONGITUDE_PER_MILE, SOUTH + miles[1] * LATITUDE_PER_MILE);
  }
}
