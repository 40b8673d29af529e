package nimblefurrow.server.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.platform.files.CsvIn;
import nimblefurrow.server.platform.web.TypedNumber;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * All figures as a table: out with what is known of each, and in again. Values stand in the units
 * in which they are kept, which the table names; a line's figure is found by sheet, row and column.
 */
final class FigureCsv {
  private static final String[] COLUMNS = {
    "sheet", "row", "column", "of", "figure", "unit", "value", "starting", "low", "high", "source"
  };
  private static final int MOST_LINES = 5000;

  /**
   * What a table asks for.
   *
   * @param changes an empty value puts the starting value back
   * @param refused lines that cannot be taken, and why
   */
  record Read(Map<FigureId, Optional<Double>> changes, List<String> refused) {}

  private FigureCsv() {}

  static byte[] write(Figures figures) {
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.DEFAULT.builder().setHeader(COLUMNS).get())) {
      for (Figure figure : figures.all()) {
        printer.printRecord(
            figure.id().sheet(),
            figure.id().row(),
            figure.id().column(),
            figure.rowWords(),
            figure.words(),
            figure.unit().word(UnitSystem.US),
            figures.find(figure.id()).map(String::valueOf).orElse(""),
            figure.starting().map(String::valueOf).orElse(""),
            figure.low(),
            figure.high(),
            figure.source());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  /**
   * Reads such a table against a farm's figures.
   *
   * @throws OutOfRange when it is no such table
   */
  static Read read(InputStream file, Figures own) throws IOException {
    return CsvIn.read(file, table -> lines(table, own));
  }

  private static Read lines(CSVParser table, Figures own) {
    for (String wanted : List.of("sheet", "row", "column", "value")) {
      if (!table.getHeaderMap().containsKey(wanted)) {
        throw new OutOfRange("file", "this table has no column “%s”".formatted(wanted));
      }
    }
    Map<FigureId, Optional<Double>> changes = new LinkedHashMap<>();
    List<String> refused = new ArrayList<>();
    for (CSVRecord line : table) {
      if (line.getRecordNumber() > MOST_LINES) {
        throw new OutOfRange("file", "a table has %d lines at most".formatted(MOST_LINES));
      }
      try {
        if (!line.isConsistent()) {
          throw new OutOfRange("file", "this line has fewer or more cells than the heading");
        }
        line(line, own, changes);
      } catch (OutOfRange e) {
        refused.add("line %d: %s".formatted(line.getRecordNumber() + 1, e.getMessage()));
      }
    }
    return new Read(changes, refused);
  }

  private static void line(CSVRecord line, Figures own, Map<FigureId, Optional<Double>> changes) {
    Figure figure =
        own.figure(new FigureId(line.get("sheet"), line.get("row"), line.get("column")));
    String typed = line.get("value");
    Optional<Double> value =
        typed.isBlank()
            ? Optional.empty()
            : Optional.of(figure.checked(TypedNumber.number(figure.words(), typed)));
    if (value.equals(own.find(figure.id()))) {
      return;
    }
    changes.put(figure.id(), value.equals(figure.starting()) ? Optional.empty() : value);
  }

  /** What the figures would be with what was read. */
  static Figures over(Figures own, Read read) {
    Map<FigureId, Double> all = new LinkedHashMap<>(own.changes());
    read.changes()
        .forEach((id, value) -> value.ifPresentOrElse(v -> all.put(id, v), () -> all.remove(id)));
    return Figures.shipped().with(all);
  }
}
