package nimblefurrow.core.figures;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.quantity.Unit;
import org.apache.commons.csv.CSVRecord;

/** The starting values: all sheets as shipped, and every figure of them that a farm may change. */
final class Starting {
  private final Map<String, SheetWords> words = new LinkedHashMap<>();
  private final Map<String, Sheet> sheets = new LinkedHashMap<>();
  private final Map<FigureId, Figure> figures = new LinkedHashMap<>();
  private final List<FigureKey> singles = new ArrayList<>();

  Starting() {
    for (CSVRecord row : SheetFiles.records("sheets.csv")) {
      String sheet = row.get("sheet");
      words.put(sheet, new SheetWords(sheet, row.get("group"), row.get("title")));
      sheets.put(sheet, SheetFiles.sheet(sheet));
    }
    Map<String, List<CSVRecord>> columns = new LinkedHashMap<>();
    SheetFiles.records("columns.csv")
        .forEach(c -> columns.computeIfAbsent(c.get("sheet"), s -> new ArrayList<>()).add(c));
    for (CSVRecord row : SheetFiles.records("sheets.csv")) {
      Sheet sheet = sheets.get(row.get("sheet"));
      String kind = row.get("kind");
      if (kind.equals("single") || kind.equals("fixed")) {
        sheet.rows().forEach(r -> singles.add(FigureKey.of(sheet.name(), r.key())));
      }
      if (kind.equals("single")) {
        sheet.rows().forEach(r -> lone(sheet, r));
      } else if (kind.equals("table")) {
        columns
            .getOrDefault(sheet.name(), List.of())
            .forEach(c -> column(sheet, c, row.get("row_words"), row.get("row_words_in")));
      }
    }
  }

  private void lone(Sheet sheet, Row row) {
    add(
        new Figure(
            new FigureId(sheet.name(), row.key(), FigureId.VALUE),
            "",
            row.text("words"),
            Unit.valueOf(row.text("unit")),
            row.number("low"),
            row.number("high"),
            row.text("source"),
            row.find(FigureId.VALUE)));
  }

  private void column(Sheet sheet, CSVRecord column, String rowWords, String rowWordsIn) {
    for (Row row : sheet.rows()) {
      Row named = sheets.get(rowWordsIn).row(row.key());
      add(
          new Figure(
              new FigureId(sheet.name(), row.key(), column.get("column")),
              named.text(rowWords),
              column.get("words"),
              Unit.valueOf(column.get("unit")),
              Double.parseDouble(column.get("low")),
              Double.parseDouble(column.get("high")),
              column.get("source"),
              row.find(column.get("column"))));
    }
  }

  private void add(Figure figure) {
    figure.starting().ifPresent(figure::checked);
    figures.put(figure.id(), figure);
  }

  Map<String, SheetWords> words() {
    return words;
  }

  Map<String, Sheet> sheets() {
    return sheets;
  }

  /** Figures that stand by themselves, those that no farm may change among them. */
  List<FigureKey> singles() {
    return singles;
  }

  Map<FigureId, Figure> figures() {
    return figures;
  }
}
