package nimblefurrow.core.figures;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A shipped table of figures (CSV, # comments), read once; a wrong figure stops the start. */
public final class FigureTable {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).setCommentMarker('#').get();

  private final String name;
  private final List<CSVRecord> rows;

  private FigureTable(String name, List<CSVRecord> rows) {
    this.name = name;
    this.rows = rows;
  }

  public static FigureTable shipped(Class<?> beside, String file) {
    try (InputStream in = beside.getResourceAsStream(file)) {
      if (in == null) {
        throw new IllegalStateException("figures " + file + " are not shipped");
      }
      try (CSVParser parser =
          CSVParser.parse(new InputStreamReader(in, StandardCharsets.UTF_8), FORMAT)) {
        return new FigureTable(file, parser.getRecords());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("figures " + file + " cannot be read", e);
    }
  }

  public List<CSVRecord> rows() {
    return rows;
  }

  /** The rows by their first column, in the order of the file. */
  public Map<String, CSVRecord> byKey() {
    Map<String, CSVRecord> byKey = new LinkedHashMap<>();
    for (CSVRecord row : rows) {
      if (byKey.put(row.get(0), row) != null) {
        throw new IllegalStateException(name + " has two rows for " + row.get(0));
      }
    }
    return byKey;
  }

  /** A figure that must be there. */
  public static double number(CSVRecord row, String column) {
    return optional(row, column)
        .orElseThrow(() -> new IllegalStateException(column + " is missing for " + row.get(0)));
  }

  /** A figure that may be missing; missing is not 0. */
  public static Optional<Double> optional(CSVRecord row, String column) {
    String text = row.get(column).strip();
    return text.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(text));
  }
}
