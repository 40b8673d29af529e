package nimblefurrow.server.platform.web;

import nimblefurrow.core.quantity.OutOfRange;

/** Text that can be kept and shown again: no NUL, no half of a character. */
public final class PlainText {
  private PlainText() {}

  /**
   * @throws OutOfRange naming the field when the text holds what is no character
   */
  public static String checked(String field, String text) {
    for (int i = 0; i < text.length(); i++) {
      if (none(text, i)) {
        throw new OutOfRange(field, field + " holds a character that is none");
      }
    }
    return text;
  }

  /** Text that can be sent, whatever was typed: a mark in the place of what is no character. */
  public static String shown(String text) {
    if (text == null) {
      return "";
    }
    StringBuilder shown = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      shown.append(none(text, i) ? '\uFFFD' : text.charAt(i));
    }
    return shown.toString();
  }

  private static boolean none(String text, int i) {
    char c = text.charAt(i);
    boolean lone =
        Character.isHighSurrogate(c)
            ? i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))
            : Character.isLowSurrogate(c)
                && (i == 0 || !Character.isHighSurrogate(text.charAt(i - 1)));
    return c == 0 || lone;
  }
}
