package nimblefurrow.server.platform.files;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes tables that are opened in a spreadsheet. */
public final class CsvOut {
  private CsvOut() {}

  /** A table in UTF-8; a text that a spreadsheet would take for a formula is quoted. */
  public static byte[] table(String[] columns, Stream<List<Object>> rows) {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.DEFAULT.builder().setHeader(columns).get())) {
      for (List<Object> row : rows.toList()) {
        printer.printRecord(row.stream().map(CsvOut::safe).toArray());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static Object safe(Object cell) {
    return cell instanceof String text && text.matches("(?s)^[=+\\-@\\t\\r].*") ? "'" + text : cell;
  }
}
