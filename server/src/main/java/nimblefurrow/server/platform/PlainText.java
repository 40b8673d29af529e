package nimblefurrow.server.platform;

import nimblefurrow.core.quantity.OutOfRange;

/** Text that can be kept and shown again: no NUL, no half of a character. */
public final class PlainText {
  private PlainText() {}

  /**
   * @throws OutOfRange naming the field when the text holds what is no character
   */
  public static String checked(String field, String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean lone =
          Character.isHighSurrogate(c)
              ? i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))
              : Character.isLowSurrogate(c)
                  && (i == 0 || !Character.isHighSurrogate(text.charAt(i - 1)));
      if (c == 0 || lone) {
        throw new OutOfRange(field, field + " holds a character that is none");
      }
    }
    return text;
  }
}
