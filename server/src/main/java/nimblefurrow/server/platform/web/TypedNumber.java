package nimblefurrow.server.platform.web;

import java.util.regex.Pattern;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * Reads a figure as people write it: digits with a point, 1.5e3 as spreadsheets do. Not the ways in
 * which programs write numbers: {@code 70f}, {@code 0x1p3}, {@code NaN} are no figures.
 */
public final class TypedNumber {
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d{1,18}(\\.\\d{0,18})?|\\.\\d{1,18})([eE][+-]?\\d{1,3})?");

  private TypedNumber() {}

  /**
   * The figure in a text.
   *
   * @throws OutOfRange naming the field when the text is no figure, or larger than any figure is
   */
  public static double number(String field, String text) {
    String typed = text.strip();
    double value = NUMBER.matcher(typed).matches() ? Double.parseDouble(typed) : Double.NaN;
    if (!Double.isFinite(value)) {
      throw new OutOfRange(
          field, "%s is a number, got “%s”".formatted(Mistyped.words(field), Mistyped.cut(typed)));
    }
    return value;
  }
}
