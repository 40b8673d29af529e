package nimblefurrow.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nimblefurrow.server.platform.web.TypedNumber;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The demo's fields as a table. */
final class DemoTable {
  private DemoTable() {}

  static List<CSVRecord> fields() {
    try (InputStream in = DemoTable.class.getResourceAsStream("/demo/fields.csv");
        CSVParser parser =
            CSVParser.parse(
                in,
                StandardCharsets.UTF_8,
                CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setCommentMarker('#')
                    .get())) {
      return parser.getRecords();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static double number(CSVRecord row, String column) {
    return TypedNumber.number(column, row.get(column));
  }
}
