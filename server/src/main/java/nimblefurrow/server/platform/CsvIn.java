package nimblefurrow.server.platform;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import nimblefurrow.core.quantity.OutOfRange;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/**
 * Opens a table as spreadsheets write it: UTF-8 with or without a byte order mark, a heading line,
 * cells trimmed. Lines are held to a length, so that no table is all one line.
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

  /**
   * A parser over a file.
   *
   * @throws OutOfRange when it is not in UTF-8, or its first line is no heading
   */
  public static CSVParser open(InputStream file) throws IOException {
    Reader text =
        new BufferedReader(
            new InputStreamReader(
                file,
                StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)));
    text.mark(1);
    if (text.read() != '\uFEFF') {
      text.reset();
    }
    return CSVParser.parse(new HeldLines(text), FORMAT);
  }

  public static CSVParser open(String text) throws IOException {
    return open(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
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
