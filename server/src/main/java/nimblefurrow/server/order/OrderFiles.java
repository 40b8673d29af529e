package nimblefurrow.server.order;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.server.order.OrderDesk.LineView;
import nimblefurrow.server.order.OrderDesk.OrderView;
import nimblefurrow.server.platform.Pdf;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.springframework.stereotype.Component;

/** The order as CSV, as a spreadsheet and as a page to send. */
@Component
class OrderFiles {
  private static final String[] HEADINGS = {
    "species",
    "dealer",
    "needed_lb",
    "in_store_lb",
    "short_lb",
    "packs",
    "pack_lb",
    "bought_lb",
    "price_per_lb",
    "cost"
  };

  private final Pdf pdf;

  OrderFiles(Pdf pdf) {
    this.pdf = pdf;
  }

  byte[] csv(OrderView order) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv =
        new CSVPrinter(text, CSVFormat.DEFAULT.builder().setHeader(HEADINGS).get())) {
      for (LineView line : order.lines()) {
        List<Object> cells = new ArrayList<>();
        for (Object cell : cells(line)) {
          cells.add(cell instanceof String s ? plain(s) : cell);
        }
        csv.printRecord(cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  byte[] xlsx(OrderView order) {
    try (XSSFWorkbook book = new XSSFWorkbook();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      Sheet sheet = book.createSheet("Seed order");
      CellStyle heading = book.createCellStyle();
      Font bold = book.createFont();
      bold.setBold(true);
      heading.setFont(bold);
      Row head = sheet.createRow(0);
      for (int i = 0; i < HEADINGS.length; i++) {
        head.createCell(i).setCellValue(HEADINGS[i]);
        head.getCell(i).setCellStyle(heading);
        sheet.setColumnWidth(i, (i < 2 ? 24 : 12) * 256);
      }
      int at = 1;
      for (LineView line : order.lines()) {
        Row row = sheet.createRow(at++);
        Object[] cells = cells(line);
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
    page.put("farm", order.farm());
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
                        "needed", number(l.neededLb()),
                        "store", number(l.inStoreLb()),
                        "short", number(l.shortLb()),
                        "packs",
                            l.packs() == 0
                                ? "none"
                                : l.packs() + " x " + number(l.packLb()) + " lb",
                        "price", money(l.pricePerLb()),
                        "cost", money(l.cost()),
                        "fields",
                            String.join(
                                ", ",
                                l.fields().stream()
                                    .map(f -> f.field() + " " + number(f.pounds()))
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
                        "pounds", number(d.pounds()),
                        "cost", money(d.cost())))
            .toList());
    return pdf.print("seed-order", page);
  }

  private static Object[] cells(LineView l) {
    return new Object[] {
      l.name(),
      l.dealer(),
      rounded(l.neededLb()),
      rounded(l.inStoreLb()),
      rounded(l.shortLb()),
      l.packs(),
      l.packLb(),
      rounded(l.boughtLb()),
      l.pricePerLb(),
      rounded(l.cost())
    };
  }

  /** A cell that a spreadsheet would take for a formula is kept as text. */
  private static String plain(String cell) {
    return cell.matches("^[=+\\-@\\t\\r].*") ? "'" + cell : cell;
  }

  private static double rounded(double value) {
    return Math.round(value * 100) / 100.0;
  }

  private static String number(double value) {
    return String.format(Locale.ENGLISH, "%,.0f", value);
  }

  private static String money(double value) {
    return String.format(Locale.ENGLISH, "$%,.2f", value);
  }
}
