package nimblefurrow.core.land;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.Site;
import org.locationtech.jts.geom.Point;

/**
 * Where the fields of each farmstead lie: in their middle, the larger counting more. Eighty acres a
 * mile north and forty half a mile south of a road lie half a mile north of it. Not where its yard
 * is, which nobody has told.
 */
public final class Farmsteads {
  private Farmsteads() {}

  /**
   * A field of a farmstead.
   *
   * @param farmstead as the farm calls it; blank: none
   */
  public record Plot(String farmstead, Boundary outline, Area area) {}

  /** The middle of each farmstead's fields, by its name. */
  public static Map<String, Site> middles(Collection<Plot> plots) {
    Map<String, List<Plot>> byName =
        plots.stream()
            .filter(p -> !p.farmstead().isBlank())
            .collect(Collectors.groupingBy(Plot::farmstead));
    Map<String, Site> middles = new HashMap<>();
    byName.forEach((name, own) -> middles.put(name, middle(own)));
    return middles;
  }

  private static Site middle(List<Plot> plots) {
    double acres = 0;
    double east = 0;
    double north = 0;
    for (Plot plot : plots) {
      Point middle = plot.outline().shape().getCentroid();
      acres += plot.area().acres();
      east += plot.area().acres() * middle.getX();
      north += plot.area().acres() * middle.getY();
    }
    return new Site(north / acres, east / acres);
  }
}
