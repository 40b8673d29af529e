package nimblefurrow.core.land;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Fields cut along a line, joined, and cut out of. Acres in are acres out. */
public final class Cutting {
  private Cutting() {}

  /**
   * Cuts a field along a line that crosses it.
   *
   * @return the parts, the largest first
   * @throws OutOfRange when the line does not cut it in two
   */
  public static List<Boundary> split(String name, Boundary field, LineString line) {
    List<Geometry> edges = new ArrayList<>();
    edges.add(field.shape().getBoundary());
    edges.add(line);
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(UnaryUnionOp.union(edges));
    @SuppressWarnings("unchecked")
    Collection<Polygon> pieces = polygonizer.getPolygons();
    List<Boundary> parts =
        pieces.stream()
            .filter(p -> field.shape().contains(p.getInteriorPoint()))
            .map(p -> Boundary.of(name, p))
            .sorted(Comparator.comparing(Boundary::area).reversed())
            .toList();
    if (parts.size() < 2) {
      throw new OutOfRange(
          "line",
          "the line does not cut “%s” in two: draw it from outside to outside".formatted(name));
    }
    return parts;
  }

  /**
   * Joins fields that touch or lie together.
   *
   * @throws OutOfRange when they overlap by more than a sliver
   */
  public static Boundary merge(String name, Boundary one, Boundary other) {
    LocalPlane plane = LocalPlane.about(one.shape());
    double shared = plane.toPlane(one.shape().intersection(other.shape())).getArea();
    if (shared > 100) {
      throw new OutOfRange(
          "boundary", "“%s” overlap: mend the boundaries before joining them".formatted(name));
    }
    Geometry joined =
        UnaryUnionOp.union(
            List.of(
                plane.toPlane(one.shape()).buffer(0.5, 2),
                plane.toPlane(other.shape()).buffer(0.5, 2)));
    return Boundary.of(name, plane.toGlobe(joined.buffer(-0.5, 2)));
  }

  /** Takes a hole, a pond or a grove for example, out of a field. */
  public static Boundary hole(String name, Boundary field, Polygon hole) {
    Boundary.of("hole", hole);
    if (!field.shape().contains(hole)) {
      throw new OutOfRange(
          "hole", "the hole lies within “%s”, not across its edge".formatted(name));
    }
    return Boundary.of(name, field.shape().difference(hole));
  }
}
