package nimblefurrow.core.flight;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Length;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Where it may fly, in metres: the field less what lies too near a hazard, in one or more parts,
 * and the wider ground over which it may come and go.
 */
final class FlyZone {
  private static final double CRUMB_M2 = 40;
  private static final double AROUND_M = 120;
  private static final int QUARTER_STEPS = 4;

  /**
   * How near a rounded buffer may come to what it surrounds: chords cut its curves, and its input
   * is simplified by up to 1 % of its distance.
   */
  private static final double CHORD = Math.cos(Math.PI / 4 / QUARTER_STEPS) / 1.012;

  private static final GeometryFactory SHAPES = new GeometryFactory();

  private final List<Polygon> parts;
  private final Geometry around;

  FlyZone(Geometry field, List<Hazard> hazards, Length margin, Coordinate home, LocalPlane plane) {
    Geometry flat = plane.toPlane(field);
    List<Geometry> kept = new ArrayList<>();
    for (Hazard hazard : hazards) {
      kept.add(
          plane
              .toPlane(hazard.shape())
              .buffer(hazard.keepAway().metres() / CHORD + 0.02, QUARTER_STEPS));
    }
    Geometry forbidden = kept.isEmpty() ? SHAPES.createPolygon() : UnaryUnionOp.union(kept);
    Geometry inner = margin.feet() > 0 ? flat.buffer(-margin.metres()) : flat;
    this.parts = polygons(inner.difference(forbidden));
    this.around =
        SHAPES
            .createGeometryCollection(new Geometry[] {flat, SHAPES.createPoint(home)})
            .convexHull()
            .buffer(AROUND_M, 2)
            .difference(forbidden);
  }

  private static List<Polygon> polygons(Geometry shape) {
    List<Polygon> polygons = new ArrayList<>();
    for (int i = 0; i < shape.getNumGeometries(); i++) {
      if (shape.getGeometryN(i) instanceof Polygon p && p.getArea() > CRUMB_M2) {
        polygons.add(p);
      }
    }
    return polygons;
  }

  List<Polygon> parts() {
    return parts;
  }

  /** The ground over which it may come and go: round about, hazards left out. */
  Geometry around() {
    return around;
  }

  double squareMetres() {
    return parts.stream().mapToDouble(Geometry::getArea).sum();
  }
}
