package nimblefurrow.server.exchange;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.geojson.GeoJsonReader;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a GeoJSON feature collection, feature or bare geometry. */
final class GeoJsonFields {
  private static final String[] NAMES = {"name", "Name", "NAME", "field", "Field", "label", "id"};

  private GeoJsonFields() {}

  static List<ReadFeature> read(byte[] file, JsonMapper json) {
    JsonNode root;
    try {
      root = json.readTree(file);
    } catch (JacksonException e) {
      throw new OutOfRange("file", "this is no GeoJSON: " + e.getOriginalMessage());
    }
    List<ReadFeature> read = new ArrayList<>();
    String type = root.path("type").asString("");
    switch (type) {
      case "FeatureCollection" ->
          root.path("features").forEach(f -> read.add(feature(f, read.size() + 1)));
      case "Feature" -> read.add(feature(root, 1));
      case "Polygon", "MultiPolygon" -> read.add(shape("Field 1", root));
      default ->
          throw new OutOfRange(
              "file",
              "GeoJSON holds a FeatureCollection, a Feature or a polygon, got “" + type + "”");
    }
    return read;
  }

  private static ReadFeature feature(JsonNode feature, int number) {
    String name = "Field " + number;
    for (String key : NAMES) {
      JsonNode value = feature.path("properties").path(key);
      if (value.isValueNode() && !value.isNull() && !value.asString("").isBlank()) {
        name = value.asString().strip();
        break;
      }
    }
    return shape(name.length() > 80 ? name.substring(0, 80) : name, feature.path("geometry"));
  }

  private static ReadFeature shape(String name, JsonNode geometry) {
    if (!geometry.isObject()) {
      return new ReadFeature(name, null, "boundary of “" + name + "” is missing");
    }
    try {
      return new ReadFeature(name, new GeoJsonReader().read(geometry.toString()), null);
    } catch (ParseException | RuntimeException e) {
      return new ReadFeature(name, null, "boundary of “" + name + "” cannot be read: " + plain(e));
    }
  }

  private static String plain(Exception e) {
    String said = e.getMessage() == null ? "its points are not numbers" : e.getMessage();
    return said.contains("closed linestring")
        ? "its outline is not closed or has too few points"
        : "its points are not as they should be";
  }
}
