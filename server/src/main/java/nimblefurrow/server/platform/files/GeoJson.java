package nimblefurrow.server.platform.files;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiLineString;
import org.locationtech.jts.geom.MultiPoint;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;

/**
 * Shapes as GeoJSON (RFC 7946): points, lines and areas, one or several, read as they stream by and
 * never more of them than a shape may have. No feature of a file is known here.
 */
public final class GeoJson {
  private static final int MOST_POINTS = 60_000;
  private static final double DIGITS = 1e7;
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final JsonFactory FACTORY =
      JsonFactory.builder()
          .streamReadConstraints(
              StreamReadConstraints.builder()
                  .maxNestingDepth(40)
                  .maxStringLength(200_000)
                  .maxNumberLength(100)
                  .build())
          .build();

  private GeoJson() {}

  /** A parser with the bounds of this application. */
  public static JsonParser parser(InputStream in) {
    return FACTORY.createParser(ObjectReadContext.empty(), in);
  }

  /**
   * A shape from its text.
   *
   * @throws OutOfRange when it is no shape that can be drawn
   */
  public static Geometry shape(String text) {
    try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), text)) {
      if (parser.nextToken() != JsonToken.START_OBJECT) {
        throw unreadable("it is no shape");
      }
      return shape(parser);
    } catch (JacksonException broken) {
      throw unreadable("it is no GeoJSON");
    }
  }

  /**
   * A shape from a parser that stands on its opening brace; it is left on the closing one.
   *
   * @throws OutOfRange when its points are not as they should be, or too many
   */
  public static Geometry shape(JsonParser parser) {
    Reading shape = new Reading();
    while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
      String name = parser.currentName();
      shape.take(name, parser.nextToken(), parser);
    }
    return shape.done();
  }

  /** A shape while its members are read, in whatever order they stand. */
  public static final class Reading {
    private final int[] left = {MOST_POINTS};
    private String type = "";
    private Nest points;

    /** Takes a member of the object; what a shape does not have is passed over. */
    public void take(String name, JsonToken value, JsonParser parser) {
      if (name.equals("type") && value == JsonToken.VALUE_STRING) {
        type = parser.getString();
      } else if (name.equals("coordinates") && value == JsonToken.START_ARRAY) {
        points = nest(parser, left);
      } else {
        parser.skipChildren();
      }
    }

    /** Whether it has coordinates. */
    public boolean begun() {
      return points != null;
    }

    /**
     * @throws OutOfRange when its points are not as they should be, or too many
     */
    public Geometry done() {
      if (points == null) {
        throw unreadable("it has no coordinates");
      }
      try {
        return built(type, points);
      } catch (IllegalArgumentException broken) {
        throw broken instanceof OutOfRange refused
            ? refused
            : unreadable("an outline is not closed or has too few points");
      }
    }
  }

  /** Coordinates as they nest: either a position, or a list of such. */
  private record Nest(List<Nest> parts, List<Double> position) {
    Coordinate at() {
      if (position.size() < 2 || !parts.isEmpty()) {
        throw unreadable("a point is not longitude and latitude");
      }
      return new Coordinate(position.get(0), position.get(1));
    }

    Coordinate[] line() {
      return parts.stream().map(Nest::at).toArray(Coordinate[]::new);
    }
  }

  private static Nest nest(JsonParser parser, int[] left) {
    List<Nest> parts = new ArrayList<>();
    List<Double> position = new ArrayList<>();
    for (JsonToken t = parser.nextToken(); t != JsonToken.END_ARRAY; t = parser.nextToken()) {
      if (t == JsonToken.START_ARRAY) {
        parts.add(nest(parser, left));
      } else if (t == JsonToken.VALUE_NUMBER_INT || t == JsonToken.VALUE_NUMBER_FLOAT) {
        if (position.size() == 4) {
          throw unreadable("a point has more than longitude, latitude and height");
        }
        position.add(parser.getDoubleValue());
      } else {
        throw unreadable("its points are not numbers");
      }
    }
    if (left[0]-- <= 0) {
      throw unreadable("it has more than %,d points".formatted(MOST_POINTS));
    }
    return new Nest(parts, position);
  }

  private static Geometry built(String type, Nest points) {
    return switch (type) {
      case "Point" -> SHAPES.createPoint(points.at());
      case "MultiPoint" -> SHAPES.createMultiPointFromCoords(points.line());
      case "LineString" -> SHAPES.createLineString(points.line());
      case "MultiLineString" ->
          SHAPES.createMultiLineString(
              points.parts().stream()
                  .map(l -> SHAPES.createLineString(l.line()))
                  .toArray(LineString[]::new));
      case "Polygon" -> polygon(points);
      case "MultiPolygon" ->
          SHAPES.createMultiPolygon(
              points.parts().stream().map(GeoJson::polygon).toArray(Polygon[]::new));
      default -> throw unreadable("it is a “%s”, not an area, a line or a point".formatted(type));
    };
  }

  private static Polygon polygon(Nest rings) {
    LinearRing[] all =
        rings.parts().stream()
            .map(r -> SHAPES.createLinearRing(r.line()))
            .toArray(LinearRing[]::new);
    if (all.length == 0) {
      throw unreadable("its outline is missing");
    }
    return SHAPES.createPolygon(all[0], java.util.Arrays.copyOfRange(all, 1, all.length));
  }

  private static OutOfRange unreadable(String why) {
    return new OutOfRange("shape", "this shape cannot be read: " + why);
  }

  /** The text of a shape, to a centimetre. */
  public static String text(Geometry shape) {
    StringBuilder out = new StringBuilder("{\"type\":\"");
    out.append(shape.getGeometryType()).append("\",\"coordinates\":");
    if (shape instanceof Point point) {
      position(out, point.getCoordinate());
    } else if (shape instanceof LineString line) {
      line(out, line.getCoordinates());
    } else if (shape instanceof Polygon polygon) {
      rings(out, polygon);
    } else if (shape instanceof MultiPoint
        || shape instanceof MultiLineString
        || shape instanceof MultiPolygon) {
      out.append('[');
      for (int i = 0; i < shape.getNumGeometries(); i++) {
        out.append(i == 0 ? "" : ",");
        Geometry part = shape.getGeometryN(i);
        if (part instanceof Point point) {
          position(out, point.getCoordinate());
        } else if (part instanceof Polygon polygon) {
          rings(out, polygon);
        } else {
          line(out, part.getCoordinates());
        }
      }
      out.append(']');
    } else {
      throw unreadable("it is a " + shape.getGeometryType());
    }
    return out.append('}').toString();
  }

  private static void rings(StringBuilder out, Polygon polygon) {
    out.append('[');
    line(out, polygon.getExteriorRing().getCoordinates());
    for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
      out.append(',');
      line(out, polygon.getInteriorRingN(i).getCoordinates());
    }
    out.append(']');
  }

  private static void line(StringBuilder out, Coordinate[] points) {
    out.append('[');
    for (int i = 0; i < points.length; i++) {
      out.append(i == 0 ? "" : ",");
      position(out, points[i]);
    }
    out.append(']');
  }

  private static void position(StringBuilder out, Coordinate c) {
    out.append('[').append(rounded(c.x)).append(',').append(rounded(c.y)).append(']');
  }

  private static double rounded(double degrees) {
    return Math.round(degrees * DIGITS) / DIGITS;
  }
}
