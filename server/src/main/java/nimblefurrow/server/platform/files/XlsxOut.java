package nimblefurrow.server.platform.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Tables as workbooks: days are days, figures are figures, words are never a formula. */
public final class XlsxOut {
  private static final int LETTER = 256;
  private static final int WIDE = 18;

  private XlsxOut() {}

  /** A workbook of one sheet with a row of titles that stays in sight. */
  public static byte[] table(String name, String[] titles, List<List<Object>> rows) {
    try (XSSFWorkbook book = new XSSFWorkbook()) {
      Sheet sheet = book.createSheet(name);
      CellStyle day = book.createCellStyle();
      day.setDataFormat(book.createDataFormat().getFormat("yyyy-mm-dd"));
      CellStyle figure = book.createCellStyle();
      figure.setDataFormat(book.createDataFormat().getFormat("0.0"));
      Row head = sheet.createRow(0);
      for (int i = 0; i < titles.length; i++) {
        head.createCell(i).setCellValue(titles[i]);
        sheet.setColumnWidth(i, WIDE * LETTER);
      }
      sheet.createFreezePane(0, 1);
      for (int r = 0; r < rows.size(); r++) {
        Row row = sheet.createRow(r + 1);
        for (int c = 0; c < titles.length; c++) {
          put(row.createCell(c), rows.get(r).get(c), day, figure);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      book.write(out);
      return out.toByteArray();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  private static void put(Cell cell, Object value, CellStyle day, CellStyle figure) {
    if (value instanceof LocalDate date) {
      cell.setCellValue(date);
      cell.setCellStyle(day);
    } else if (value instanceof Double number) {
      cell.setCellValue(number);
      cell.setCellStyle(figure);
    } else if (value instanceof Boolean yes) {
      cell.setCellValue(yes);
    } else {
      cell.setCellValue(value.toString());
    }
  }
}
