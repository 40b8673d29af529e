package nimblefurrow.server.exchange;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.exchange.ReadFeature.ReadZone;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.platform.web.TypedNumber;
import org.locationtech.jts.geom.Geometry;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/**
 * Reads a GeoJSON feature collection, feature or bare geometry as it streams by: of a file with
 * millions of features no more than a file may hold is ever in memory.
 */
final class GeoJsonFields {
  private static final List<String> NAMES =
      List.of("name", "Name", "NAME", "field", "Field", "label", "id");
  private static final List<String> SHAPES = List.of("Polygon", "MultiPolygon");
  private static final int LONGEST_NAME = 80;

  private final JsonParser parser;
  private final List<ReadFeature> read = new ArrayList<>();

  private GeoJsonFields(JsonParser parser) {
    this.parser = parser;
  }

  static List<ReadFeature> read(InputStream file) {
    try (JsonParser parser = GeoJson.parser(file)) {
      if (parser.nextToken() != JsonToken.START_OBJECT) {
        throw new OutOfRange("file", "this is no GeoJSON: it does not begin with {");
      }
      return new GeoJsonFields(parser).root();
    } catch (JacksonException e) {
      throw new OutOfRange(
          "file",
          "this is no GeoJSON: line %d cannot be read"
              .formatted(e.getLocation() == null ? 1 : e.getLocation().getLineNr()));
    }
  }

  /** The outermost object: a collection, one feature, or a shape by itself. */
  private List<ReadFeature> root() {
    Feature single = new Feature("Field 1");
    GeoJson.Reading bare = new GeoJson.Reading();
    String type = "";
    boolean collection = false;
    while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
      String name = parser.currentName();
      JsonToken value = parser.nextToken();
      if (name.equals("features") && value == JsonToken.START_ARRAY) {
        collection = true;
        features();
      } else if (name.equals("coordinates") || name.equals("type")) {
        boolean typed = name.equals("type") && value == JsonToken.VALUE_STRING;
        type = typed ? parser.getString() : type;
        bare.take(name, value, parser);
      } else {
        single.take(name, value, parser);
      }
    }
    if (bare.begun() || SHAPES.contains(type)) {
      read.add(bare(bare));
    } else if (!collection) {
      if (!type.equals("Feature")) {
        throw new OutOfRange(
            "file",
            "GeoJSON holds a FeatureCollection, a Feature or a polygon, got “%s”"
                .formatted(type.length() > 40 ? type.substring(0, 40) : type));
      }
      read.add(single.done());
    }
    return read;
  }

  private static ReadFeature bare(GeoJson.Reading shape) {
    try {
      return new ReadFeature("Field 1", shape.done(), null);
    } catch (OutOfRange refused) {
      return new ReadFeature("Field 1", null, "boundary of “Field 1”: " + refused.getMessage());
    }
  }

  private void features() {
    for (JsonToken t = parser.nextToken(); t != JsonToken.END_ARRAY; t = parser.nextToken()) {
      FieldLimit.refuseTooMany(read.size() + 1);
      Feature feature = new Feature("Field " + (read.size() + 1));
      if (t == JsonToken.START_OBJECT) {
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
          String name = parser.currentName();
          feature.take(name, parser.nextToken(), parser);
        }
      } else {
        parser.skipChildren();
      }
      read.add(feature.done());
    }
  }

  /** A feature while it is read. */
  private static final class Feature {
    private final Map<String, String> named = new HashMap<>();
    private final String unnamed;
    private Geometry shape;
    private String problem;

    Feature(String unnamed) {
      this.unnamed = unnamed;
    }

    void take(String name, JsonToken value, JsonParser parser) {
      if (name.equals("geometry") && value == JsonToken.START_OBJECT) {
        try {
          shape = GeoJson.shape(parser);
        } catch (OutOfRange refused) {
          problem = refused.getMessage();
          close(parser);
        }
      } else if (name.equals("properties") && value == JsonToken.START_OBJECT) {
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
          String key = parser.currentName();
          JsonToken said = parser.nextToken();
          if (said.isScalarValue() && said != JsonToken.VALUE_NULL) {
            ReadFeature.tell(named, key, parser.getString());
          } else {
            parser.skipChildren();
          }
        }
      } else {
        parser.skipChildren();
      }
    }

    /** Goes on to the end of the shape that could not be read. */
    private static void close(JsonParser parser) {
      while (!"geometry".equals(parser.currentName())
          || parser.currentToken() != JsonToken.END_OBJECT) {
        if (parser.nextToken() == null) {
          return;
        }
      }
    }

    /** A zone of a field, as these files say it: drawn, or with its share of the field. */
    private ReadFeature zone(String name) {
      try {
        String share = named.get("share");
        ReadZone zone =
            new ReadZone(
                named.get("zoneOf"),
                share == null ? null : TypedNumber.number("share", share),
                soil(named.get("soil")),
                tiled(named.get("tiled")));
        return new ReadFeature(name, shape, problem, Map.of(), zone);
      } catch (OutOfRange refused) {
        return new ReadFeature(name, null, refused.getMessage());
      }
    }

    private static Boolean tiled(String said) {
      if (said != null && !said.equals("true") && !said.equals("false")) {
        throw new OutOfRange("tiled", "tiled is true or false, got “%s”".formatted(said));
      }
      return said == null ? null : Boolean.valueOf(said);
    }

    private static SoilTexture soil(String said) {
      if (said == null) {
        return null;
      }
      return Coded.of(SoilTexture.class, said.toLowerCase(Locale.ROOT))
          .orElseThrow(() -> new OutOfRange("soil", "soil is none of ours: " + said));
    }

    ReadFeature done() {
      String name =
          NAMES.stream()
              .map(named::get)
              .filter(n -> n != null && !n.isBlank())
              .findFirst()
              .orElse(unnamed);
      String cut = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
      if (named.containsKey("zoneOf")) {
        return zone(cut);
      }
      if (shape == null) {
        return new ReadFeature(
            cut,
            null,
            problem == null
                ? "boundary of “%s” is missing".formatted(cut)
                : "boundary of “%s”: %s".formatted(cut, problem));
      }
      return new ReadFeature(cut, shape, null, named, null);
    }
  }
}
