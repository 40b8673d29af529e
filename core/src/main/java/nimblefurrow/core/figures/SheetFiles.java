package nimblefurrow.core.figures;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads the data files that come with the application; a wrong one stops the start. */
final class SheetFiles {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).setCommentMarker('#').get();

  private SheetFiles() {}

  static List<CSVRecord> records(String file) {
    try (InputStream in = SheetFiles.class.getResourceAsStream(file)) {
      if (in == null) {
        throw new IllegalStateException("figures " + file + " are not shipped");
      }
      try (CSVParser parser =
          CSVParser.parse(new InputStreamReader(in, StandardCharsets.UTF_8), FORMAT)) {
        return parser.getRecords();
      }
    } catch (IOException e) {
      throw new UncheckedIOException("figures " + file + " cannot be read", e);
    }
  }

  static Sheet sheet(String name) {
    Map<String, Row> rows = new LinkedHashMap<>();
    for (CSVRecord record : records(name + ".csv")) {
      if (rows.put(record.get(0), row(record)) != null) {
        throw new IllegalStateException(name + " has two rows for " + record.get(0));
      }
    }
    return new Sheet(name, rows);
  }

  private static Row row(CSVRecord record) {
    Map<String, String> texts = new LinkedHashMap<>();
    Map<String, Double> numbers = new LinkedHashMap<>();
    record
        .toMap()
        .forEach(
            (column, cell) -> {
              texts.put(column, cell.strip());
              if (cell.strip().matches("-?[0-9]*\\.?[0-9]+")) {
                numbers.put(column, Double.valueOf(cell.strip()));
              }
            });
    return new Row(record.get(0), texts, numbers);
  }
}
