package nimblefurrow.server.exchange;

import com.linuxense.javadbf.DBFException;
import com.linuxense.javadbf.DBFReader;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.Unpacked;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Reads the polygons of a zipped shapefile in longitude and latitude, with names from its table.
 * The zip is unpacked within bounds: files, bytes, and how far it may swell.
 */
final class ShapefileFields {
  private static final Set<String> WANTED = Set.of("shp", "dbf", "prj");
  private static final int LONGEST_NAME = 80;
  private static final int HEADER = 100;
  private static final int POLYGON = 5;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private ShapefileFields() {}

  static boolean zipped(byte[] file) {
    return file.length > 4 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
  }

  static List<ReadFeature> read(byte[] zip) {
    Map<String, byte[]> files = unpacked(zip);
    byte[] shp = files.get("shp");
    if (shp == null) {
      throw new OutOfRange("file", "there is no .shp in this zip: zip the whole shapefile");
    }
    refuseProjected(files.get("prj"));
    List<Row> rows = files.get("dbf") == null ? List.of() : rows(files.get("dbf"));
    try {
      return features(ByteBuffer.wrap(shp), rows);
    } catch (java.nio.BufferUnderflowException
        | IndexOutOfBoundsException
        | IllegalArgumentException broken) {
      if (broken instanceof OutOfRange refused) {
        throw refused;
      }
      throw new OutOfRange("file", "the .shp in this zip is broken off or damaged");
    }
  }

  /** The files by their endings; the first of each ending counts. */
  private static Map<String, byte[]> unpacked(byte[] zip) {
    Map<String, byte[]> files = new HashMap<>();
    Unpacked.of(zip, ShapefileFields::wanted)
        .forEach((name, content) -> files.putIfAbsent(ending(name), content));
    return files;
  }

  private static String ending(String name) {
    return name.substring(name.lastIndexOf('.') + 1);
  }

  private static boolean wanted(String name) {
    return WANTED.contains(ending(name)) && !name.contains("__macosx");
  }

  private static void refuseProjected(byte[] prj) {
    String text = prj == null ? "" : new String(prj, StandardCharsets.UTF_8).strip();
    if (text.startsWith("PROJ") || text.startsWith("PROJCRS")) {
      throw new OutOfRange(
          "file",
          "this shapefile is in a projection; export it in longitude and latitude (WGS 84)");
    }
  }

  /** A record of the table: the name, and what its other columns say. */
  private record Row(String name, Map<String, String> said) {}

  /**
   * The records; their name stands in the first column that is called name or field, else in any
   * text column.
   */
  private static List<Row> rows(byte[] dbf) {
    List<Row> rows = new ArrayList<>();
    try (DBFReader reader = new DBFReader(new ByteArrayInputStream(dbf), StandardCharsets.UTF_8)) {
      int column = -1;
      for (int i = 0; i < reader.getFieldCount(); i++) {
        String title = reader.getField(i).getName().toLowerCase(Locale.ROOT);
        boolean text = reader.getField(i).getType() == com.linuxense.javadbf.DBFDataType.CHARACTER;
        if (text && (column < 0 || title.contains("name") || title.contains("field"))) {
          column = i;
        }
      }
      for (Object[] cells = reader.nextRecord(); cells != null; cells = reader.nextRecord()) {
        String name = column < 0 ? "" : text(cells[column]);
        Map<String, String> said = new HashMap<>();
        for (int i = 0; i < cells.length; i++) {
          ReadFeature.tell(said, reader.getField(i).getName(), text(cells[i]));
        }
        rows.add(
            new Row(name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, said));
        FieldLimit.refuseTooMany(rows.size());
      }
    } catch (DBFException | IllegalArgumentException | IndexOutOfBoundsException broken) {
      if (broken instanceof OutOfRange refused) {
        throw refused;
      }
      throw new OutOfRange("file", "the .dbf in this zip cannot be read");
    }
    return rows;
  }

  private static String text(Object cell) {
    if (cell instanceof Date day) {
      return LocalDate.ofInstant(day.toInstant(), ZoneId.systemDefault()).toString();
    }
    return cell == null ? "" : cell.toString().replace("\0", "").strip();
  }

  private static List<ReadFeature> features(ByteBuffer shp, List<Row> rows) {
    if (shp.remaining() < HEADER || shp.getInt(0) != 9994) {
      throw new OutOfRange("file", "the .shp in this zip is no shapefile");
    }
    List<ReadFeature> features = new ArrayList<>();
    shp.position(HEADER);
    while (shp.remaining() >= 12) {
      shp.order(ByteOrder.BIG_ENDIAN).getInt();
      int words = shp.getInt();
      if (words < 2 || words > shp.remaining() / 2) {
        throw new OutOfRange("file", "the .shp in this zip is broken off or damaged");
      }
      ByteBuffer record = shp.slice(shp.position(), words * 2).order(ByteOrder.LITTLE_ENDIAN);
      shp.position(shp.position() + words * 2);
      int at = features.size();
      FieldLimit.refuseTooMany(at + 1);
      Row row = at < rows.size() ? rows.get(at) : new Row("", Map.of());
      String given = row.name();
      String name = given.isBlank() ? "Field " + (at + 1) : given;
      int type = record.getInt();
      // 5 polygon, 15 and 25 the same with heights or measures after the points.
      features.add(
          type % 10 == POLYGON && type > 0
              ? new ReadFeature(name, polygons(record), null, row.said(), null)
              : new ReadFeature(name, null, "is no area: a field needs a closed outline"));
    }
    return features;
  }

  private static Geometry polygons(ByteBuffer shp) {
    shp.position(shp.position() + 32);
    int parts = shp.getInt();
    int points = shp.getInt();
    if (parts < 1 || points < 4 || parts > points / 4 || points > shp.remaining() / 16) {
      throw new OutOfRange("file", "an outline in this shapefile is damaged");
    }
    int[] starts = new int[parts + 1];
    for (int i = 0; i < parts; i++) {
      starts[i] = shp.getInt();
    }
    starts[parts] = points;
    for (int i = 0; i < parts; i++) {
      // A ring has four points at least; parts follow each other.
      if (starts[i] < 0 || starts[i + 1] - (long) starts[i] < 4) {
        throw new OutOfRange("file", "an outline in this shapefile is damaged");
      }
    }
    List<LinearRing> shells = new ArrayList<>();
    List<LinearRing> holes = new ArrayList<>();
    for (int p = 0; p < parts; p++) {
      Coordinate[] c = new Coordinate[starts[p + 1] - starts[p]];
      for (int i = 0; i < c.length; i++) {
        c[i] = new Coordinate(shp.getDouble(), shp.getDouble());
      }
      LinearRing ring = SHAPES.createLinearRing(c);
      (Orientation.isCCW(c) ? holes : shells).add(ring);
    }
    if (shells.isEmpty()) {
      shells.addAll(holes);
      holes.clear();
    }
    Polygon[] polygons = new Polygon[shells.size()];
    for (int i = 0; i < polygons.length; i++) {
      Polygon shell = SHAPES.createPolygon(shells.get(i));
      LinearRing[] own =
          holes.stream()
              .filter(h -> shell.contains(h.getInteriorPoint()))
              .toArray(LinearRing[]::new);
      polygons[i] = SHAPES.createPolygon(shells.get(i), own);
    }
    return polygons.length == 1 ? polygons[0] : SHAPES.createMultiPolygon(polygons);
  }
}
