package nimblefurrow.server.platform.files;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import nimblefurrow.core.quantity.OutOfRange;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/**
 * Reads a table as spreadsheets write it: UTF-8 with or without a byte order mark, or Windows-1252;
 * a heading line, cells trimmed. Lines are held to a length, so that no table is all one line.
 */
public final class CsvIn {
  private static final int LONGEST_LINE = 20_000;
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreHeaderCase(true)
          .setTrim(true)
          .setIgnoreEmptyLines(true)
          .setAllowMissingColumnNames(true)
          .get();

  private CsvIn() {}

  /** What is made of a table. */
  @FunctionalInterface
  public interface Reading<T> {
    T of(CSVParser table) throws IOException;
  }

  /**
   * Reads a table, in UTF-8 or as older spreadsheets write it (Windows-1252).
   *
   * @throws OutOfRange when it is no table: a workbook, no text, or quoted so that no line ends
   */
  public static <T> T read(InputStream file, Reading<T> reading) throws IOException {
    byte[] bytes = file.readAllBytes();
    if (bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K') {
      throw new OutOfRange("file", "this is a workbook or a zip: save the sheet as CSV first");
    }
    Charset letters = utf8(bytes) ? StandardCharsets.UTF_8 : Charset.forName("windows-1252");
    Reader text =
        new BufferedReader(new InputStreamReader(new ByteArrayInputStream(bytes), letters));
    text.mark(1);
    if (text.read() != '\uFEFF') {
      text.reset();
    }
    try (CSVParser table = CSVParser.parse(new HeldLines(text), FORMAT)) {
      try {
        return reading.of(table);
      } catch (UncheckedIOException | IllegalStateException broken) {
        throw new OutOfRange(
            "file",
            "line %d of this table cannot be read: look at its quotes"
                .formatted(table.getCurrentLineNumber() + 1));
      }
    } catch (CSVException | IllegalArgumentException broken) {
      if (broken instanceof OutOfRange refused) {
        throw refused;
      }
      throw new OutOfRange("file", "the first line of this table is no heading that can be read");
    }
  }

  /** The same of a text. */
  public static <T> T read(String text, Reading<T> reading) throws IOException {
    return read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), reading);
  }

  private static boolean utf8(byte[] bytes) {
    CharBuffer into = CharBuffer.allocate(8_192);
    CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
    ByteBuffer from = ByteBuffer.wrap(bytes);
    CoderResult result = CoderResult.OVERFLOW;
    while (result.isOverflow()) {
      into.clear();
      result = decoder.decode(from, into, true);
    }
    return !result.isError();
  }

  private static final class HeldLines extends FilterReader {
    private int length;

    HeldLines(Reader in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int c = super.read();
      count((char) c);
      return c;
    }

    @Override
    public int read(char[] into, int from, int most) throws IOException {
      int n = super.read(into, from, most);
      for (int i = from; i < from + n; i++) {
        count(into[i]);
      }
      return n;
    }

    private void count(char c) {
      length = c == '\n' || c == '\r' ? 0 : length + 1;
      if (c == 0 || length > LONGEST_LINE) {
        throw new OutOfRange(
            "file",
            c == 0
                ? "this file is no text"
                : "a line of this file is longer than %,d characters".formatted(LONGEST_LINE));
      }
    }
  }
}
