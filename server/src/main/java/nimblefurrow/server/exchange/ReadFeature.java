package nimblefurrow.server.exchange;

import nimblefurrow.core.weather.SoilTexture;
import org.locationtech.jts.geom.Geometry;

/**
 * A named shape read from a file; null shape when it could not be read, with the reason.
 *
 * @param zone what the file says of it as a zone of a field; null where it is a field
 */
record ReadFeature(String name, Geometry shape, String problem, ReadZone zone) {
  /**
   * @param of the field's name
   * @param share of the field, where no shape is given
   */
  record ReadZone(String of, Double share, SoilTexture soil, Boolean tiled) {}

  ReadFeature(String name, Geometry shape, String problem) {
    this(name, shape, problem, null);
  }
}
