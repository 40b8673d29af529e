package nimblefurrow.server.order;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.order.OrderDesk.LineView;
import nimblefurrow.server.order.OrderDesk.OrderView;
import nimblefurrow.server.platform.files.CsvOut;
import nimblefurrow.server.platform.files.Paper;
import nimblefurrow.server.platform.files.Pdf;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.springframework.stereotype.Component;

/** The order as CSV, as a spreadsheet and as a page to send. */
@Component
class OrderFiles {
  private final Pdf pdf;

  OrderFiles(Pdf pdf) {
    this.pdf = pdf;
  }

  byte[] csv(OrderView order) {
    Paper paper = new Paper(order.units());
    return CsvOut.table(
        headings(order), order.lines().stream().map(line -> Arrays.asList(cells(line, paper))));
  }

  byte[] xlsx(OrderView order) {
    try (XSSFWorkbook book = new XSSFWorkbook();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      Paper paper = new Paper(order.units());
      String[] headings = headings(order);
      Sheet sheet = book.createSheet("Seed order");
      CellStyle heading = book.createCellStyle();
      Font bold = book.createFont();
      bold.setBold(true);
      heading.setFont(bold);
      Row head = sheet.createRow(0);
      for (int i = 0; i < headings.length; i++) {
        head.createCell(i).setCellValue(headings[i]);
        head.getCell(i).setCellStyle(heading);
        sheet.setColumnWidth(i, (i < 2 ? 24 : 12) * 256);
      }
      int at = 1;
      for (LineView line : order.lines()) {
        Row row = sheet.createRow(at++);
        Object[] cells = cells(line, paper);
        for (int i = 0; i < cells.length; i++) {
          if (cells[i] instanceof Number n) {
            row.createCell(i).setCellValue(n.doubleValue());
          } else {
            row.createCell(i).setCellValue(String.valueOf(cells[i]));
          }
        }
      }
      book.write(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  byte[] pdf(OrderView order) {
    Map<String, Object> page = new HashMap<>();
    Paper paper = new Paper(order.units());
    page.put("u", paper.words());
    page.put("farm", order.farm());
    page.put("missing", order.missing());
    page.put("spare", Math.round(order.spare() * 100));
    page.put("cost", money(order.cost()));
    page.put(
        "lines",
        order.lines().stream()
            .map(
                l ->
                    Map.of(
                        "name", l.name(),
                        "dealer", l.dealer(),
                        "needed", paper.number(l.neededLb(), Unit.POUND, 0),
                        "store", paper.number(l.inStoreLb(), Unit.POUND, 0),
                        "short", paper.number(l.shortLb(), Unit.POUND, 0),
                        "packs",
                            l.packs() == 0
                                ? "none"
                                : l.packs() + " x " + paper.said(l.packLb(), Unit.POUND, 0),
                        "price", paper.number(l.pricePerLb(), Unit.DOLLAR_PER_POUND, 2),
                        "cost", money(l.cost()),
                        "fields",
                            String.join(
                                ", ",
                                l.fields().stream()
                                    .map(
                                        f ->
                                            f.field()
                                                + " "
                                                + paper.number(f.pounds(), Unit.POUND, 0))
                                    .toList())))
            .toList());
    page.put(
        "dealers",
        order.dealers().stream()
            .map(
                d ->
                    Map.of(
                        "dealer", d.dealer().isBlank() ? "no dealer named" : d.dealer(),
                        "packs", d.packs(),
                        "pounds", paper.number(d.pounds(), Unit.POUND, 0),
                        "cost", money(d.cost())))
            .toList());
    return pdf.print("seed-order", page);
  }

  private static String[] headings(OrderView order) {
    String mass = Unit.POUND.word(order.units());
    return new String[] {
      "species",
      "dealer",
      "needed_" + mass,
      "in_store_" + mass,
      "short_" + mass,
      "packs",
      "pack_" + mass,
      "bought_" + mass,
      "price_per_" + mass,
      "cost"
    };
  }

  private static Object[] cells(LineView l, Paper paper) {
    return new Object[] {
      l.name(),
      l.dealer(),
      mass(l.neededLb(), paper),
      mass(l.inStoreLb(), paper),
      mass(l.shortLb(), paper),
      l.packs(),
      mass(l.packLb(), paper),
      mass(l.boughtLb(), paper),
      rounded(Unit.DOLLAR_PER_POUND.in(paper.units(), l.pricePerLb())),
      rounded(l.cost())
    };
  }

  private static double mass(double pounds, Paper paper) {
    return rounded(Unit.POUND.in(paper.units(), pounds));
  }

  private static double rounded(double value) {
    return Math.round(value * 100) / 100.0;
  }

  private static String money(double value) {
    return String.format(Locale.ENGLISH, "$%,.2f", value);
  }
}
