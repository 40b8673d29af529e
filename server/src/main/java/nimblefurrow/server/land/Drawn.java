package nimblefurrow.server.land;

import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.geojson.GeoJsonReader;

/** Reads what was drawn on the map. */
final class Drawn {
  private Drawn() {}

  static Geometry shape(String geoJson) {
    try {
      return new GeoJsonReader().read(geoJson);
    } catch (ParseException | RuntimeException e) {
      throw new OutOfRange("shape", "what was drawn cannot be read: draw it again");
    }
  }

  static <T extends Geometry> T as(Class<T> kind, String geoJson, String wanted) {
    Geometry shape = shape(geoJson);
    if (!kind.isInstance(shape)) {
      throw new OutOfRange("shape", "this needs " + wanted + ", got a " + shape.getGeometryType());
    }
    return kind.cast(shape);
  }
}
