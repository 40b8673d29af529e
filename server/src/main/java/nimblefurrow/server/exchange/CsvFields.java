package nimblefurrow.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.CsvIn;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

/**
 * Reads a table of fields: a name, what is known of the field, and where the table has it the
 * boundary as well-known text. A row without a boundary tells of a field that the farm has.
 */
final class CsvFields {
  private static final List<String> NAMES = List.of("name", "field");
  private static final List<String> SHAPES = List.of("wkt", "boundary", "geometry");

  private CsvFields() {}

  static List<ReadFeature> read(InputStream file) throws IOException {
    return CsvIn.read(file, CsvFields::features);
  }

  private static List<ReadFeature> features(CSVParser table) {
    Optional<String> name = titled(table, NAMES);
    if (name.isEmpty()) {
      throw new OutOfRange(
          "file", "this is no GeoJSON, and as a table it has no column “name” or “field”");
    }
    Optional<String> shape = titled(table, SHAPES);
    List<ReadFeature> read = new ArrayList<>();
    for (CSVRecord row : table) {
      FieldLimit.refuseTooMany(read.size() + 1);
      read.add(feature(row, name.get(), shape));
    }
    return read;
  }

  private static Optional<String> titled(CSVParser table, List<String> wanted) {
    return wanted.stream()
        .flatMap(
            title ->
                table.getHeaderNames().stream()
                    .flatMap(Stream::ofNullable)
                    .filter(title::equalsIgnoreCase))
        .findFirst();
  }

  private static ReadFeature feature(CSVRecord row, String name, Optional<String> shape) {
    Map<String, String> said = new LinkedHashMap<>(row.toMap());
    said.remove(name);
    shape.ifPresent(said::remove);
    String called = row.isSet(name) ? row.get(name) : "";
    String cut = called.length() > 80 ? called.substring(0, 80) : called;
    if (cut.isBlank()) {
      return new ReadFeature(
          "Row " + row.getRecordNumber(), null, "a field has a name", said, null);
    }
    String text = shape.filter(row::isSet).map(row::get).orElse("");
    try {
      Geometry drawn = text.isBlank() ? null : new WKTReader().read(text);
      return new ReadFeature(cut, drawn, null, said, null);
    } catch (ParseException | IllegalArgumentException unreadable) {
      return new ReadFeature(
          cut, null, "boundary of “%s” is no well-known text".formatted(cut), said, null);
    }
  }
}
