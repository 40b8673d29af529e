package nimblefurrow.server.applied;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.files.CsvIn;
import nimblefurrow.server.platform.web.TypedNumber;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Points as CSV: longitude, latitude, seconds, pounds (laid since the point before), width_ft. The
 * columns may stand in any order; others are passed over.
 */
public final class AppliedCsv {
  private static final List<String> COLUMNS =
      List.of("longitude", "latitude", "seconds", "pounds", "width_ft");
  private static final int MOST_POINTS = 400_000;

  private AppliedCsv() {}

  public static String write(List<AppliedPoint> points) {
    StringBuilder csv = new StringBuilder(String.join(",", COLUMNS)).append('\n');
    for (AppliedPoint p : points) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%.7f,%.7f,%.1f,%.4f,%.2f%n",
              p.longitude(),
              p.latitude(),
              p.seconds(),
              p.pounds(),
              p.width().feet()));
    }
    return csv.toString();
  }

  /**
   * @throws OutOfRange naming the column that is missing, or the line and column that cannot be
   */
  public static List<AppliedPoint> read(InputStream file) throws IOException {
    return CsvIn.read(file, AppliedCsv::points);
  }

  /** The same of a text, as it is kept. */
  public static List<AppliedPoint> read(String text) {
    try {
      return CsvIn.read(text, AppliedCsv::points);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private static List<AppliedPoint> points(CSVParser table) {
    Map<String, Integer> header = table.getHeaderMap();
    for (String column : COLUMNS) {
      if (header.keySet().stream().noneMatch(h -> h.equalsIgnoreCase(column))) {
        throw new OutOfRange(
            column,
            "the file has no column %s: it needs %s, got %s"
                .formatted(
                    column,
                    String.join(", ", COLUMNS),
                    header.keySet().stream().limit(20).toList()));
      }
    }
    List<AppliedPoint> points = new ArrayList<>();
    for (CSVRecord row : table) {
      if (points.size() == MOST_POINTS) {
        throw new OutOfRange("file", "a file holds at most %,d points".formatted(MOST_POINTS));
      }
      points.add(
          new AppliedPoint(
              figure(row, "longitude", -180, 180),
              figure(row, "latitude", -90, 90),
              figure(row, "seconds", 0, 1e7),
              figure(row, "pounds", 0, 5000),
              Length.ofFeet(figure(row, "width_ft", 0.1, 300))));
    }
    if (points.isEmpty()) {
      throw new OutOfRange("file", "there are no points in this file");
    }
    return points;
  }

  private static double figure(CSVRecord row, String column, double low, double high) {
    String text = row.isSet(column) ? row.get(column) : "";
    try {
      double value = TypedNumber.number(column, text);
      if (value >= low && value <= high) {
        return value;
      }
    } catch (OutOfRange notANumber) {
      // said below, with the line
    }
    throw new OutOfRange(
        column,
        "line %d: %s is %s to %s, got “%s”"
            .formatted(row.getRecordNumber() + 1, column, plain(low), plain(high), text));
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
