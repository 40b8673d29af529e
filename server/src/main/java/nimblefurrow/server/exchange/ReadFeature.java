package nimblefurrow.server.exchange;

import java.util.Map;
import nimblefurrow.core.weather.SoilTexture;
import org.locationtech.jts.geom.Geometry;

/**
 * A named shape read from a file; null shape when it could not be read, with the reason, or when
 * the file tells of the field only.
 *
 * @param said what the file's columns say of it, by their titles
 * @param zone what the file says of it as a zone of a field; null where it is a field
 */
record ReadFeature(
    String name, Geometry shape, String problem, Map<String, String> said, ReadZone zone) {
  private static final int LONGEST_TEXT = 200;
  private static final int MOST_COLUMNS = 200;

  /**
   * @param of the field's name
   * @param share of the field, where no shape is given
   */
  record ReadZone(String of, Double share, SoilTexture soil, Boolean tiled) {}

  ReadFeature(String name, Geometry shape, String problem) {
    this(name, shape, problem, Map.of(), null);
  }

  /** Keeps what a column says, as far as a file may say so much. */
  static void tell(Map<String, String> said, String title, String text) {
    if (said.size() < MOST_COLUMNS) {
      String plain = text.strip();
      said.put(title, plain.length() > LONGEST_TEXT ? plain.substring(0, LONGEST_TEXT) : plain);
    }
  }
}
