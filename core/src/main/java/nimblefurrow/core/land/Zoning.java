package nimblefurrow.core.land;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * How a field is cut into zones: they lie within it, no two on each other, and all of them are no
 * more than the field. What is left is the rest of the field; it needs no name.
 */
public final class Zoning {
  private static final int MOST_ZONES = 12;

  /**
   * Drawn by hand over an edge it is cut to the field; more than this share outside is a mistake.
   */
  private static final double OUTSIDE = 0.5;

  /** Two hand drawings side by side may lie on each other by this share of the smaller. */
  private static final double STRAY = 0.02;

  private Zoning() {}

  /**
   * The zones with every drawn outline cut to the field.
   *
   * @throws OutOfRange when two have one name, one lies outside or on another, or all are too much
   */
  public static List<Zone> of(Boundary field, List<Zone> zones) {
    if (zones.size() > MOST_ZONES) {
      throw new OutOfRange("zones", "a field has at most %d zones".formatted(MOST_ZONES));
    }
    List<Zone> cut = new ArrayList<>();
    for (Zone zone : zones) {
      for (Zone other : cut) {
        if (other.name().equalsIgnoreCase(zone.name())) {
          throw new OutOfRange("zone", "there is a zone “%s” already".formatted(zone.name()));
        }
      }
      Zone within = within(field, zone);
      cut.forEach(other -> refuseOverlap(within, other));
      cut.add(within);
    }
    double sum = cut.stream().mapToDouble(z -> z.area(field.area()).acres()).sum();
    if (sum > field.area().acres() * (1 + STRAY)) {
      throw new OutOfRange("share", "all zones together are more than the whole field");
    }
    return cut;
  }

  /** Whether zones of so much land leave nothing of a field. */
  public static boolean covered(Area field, Area zoned) {
    return zoned.acres() > field.acres() * (1 - STRAY);
  }

  private static Zone within(Boundary field, Zone zone) {
    if (zone.drawn().isEmpty()) {
      return zone;
    }
    Geometry inside = zone.drawn().get().shape().intersection(field.shape());
    double kept = inside.getArea() / zone.drawn().get().shape().getArea();
    if (kept < 1 - OUTSIDE) {
      throw new OutOfRange(
          "zone",
          "zone “%s” lies outside its field by %.0f %%".formatted(zone.name(), 100 * (1 - kept)));
    }
    Boundary cut = Boundary.of(zone.name(), areas(inside));
    return new Zone(zone.name(), Optional.of(cut), zone.share(), zone.soil(), zone.tiled());
  }

  /** A cut may leave lines and points on the edge; only areas are land. */
  private static Geometry areas(Geometry cut) {
    List<Polygon> areas = new ArrayList<>();
    for (int i = 0; i < cut.getNumGeometries(); i++) {
      if (cut.getGeometryN(i) instanceof Polygon polygon) {
        areas.add(polygon);
      }
    }
    return areas.size() == 1
        ? areas.get(0)
        : cut.getFactory().createMultiPolygon(areas.toArray(Polygon[]::new));
  }

  private static void refuseOverlap(Zone one, Zone other) {
    if (one.drawn().isEmpty() || other.drawn().isEmpty()) {
      return;
    }
    Geometry a = one.drawn().get().shape();
    Geometry b = other.drawn().get().shape();
    double both = a.intersection(b).getArea();
    if (both > STRAY * Math.min(a.getArea(), b.getArea())) {
      throw new OutOfRange(
          "zone", "zone “%s” lies on zone “%s”".formatted(one.name(), other.name()));
    }
  }
}
