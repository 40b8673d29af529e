package nimblefurrow.server.land;

import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.GeoJson;
import org.locationtech.jts.geom.Geometry;

/** Reads what was drawn on the map. */
final class Drawn {
  private Drawn() {}

  static Geometry shape(String geoJson) {
    return GeoJson.shape(geoJson);
  }

  static <T extends Geometry> T as(Class<T> kind, String geoJson, String wanted) {
    Geometry shape = shape(geoJson);
    if (!kind.isInstance(shape)) {
      throw new OutOfRange("shape", "this needs " + wanted + ", got a " + shape.getGeometryType());
    }
    return kind.cast(shape);
  }
}
