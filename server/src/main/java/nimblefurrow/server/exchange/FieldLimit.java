package nimblefurrow.server.exchange;

import nimblefurrow.core.quantity.OutOfRange;

/** How many fields a file may bring at once, whatever its kind. */
final class FieldLimit {
  private static final int MOST_FEATURES = 2000;

  private FieldLimit() {}

  /** Refuses more fields than a file may hold, as soon as one too many is met. */
  static void refuseTooMany(int fields) {
    if (fields > MOST_FEATURES) {
      throw new OutOfRange("file", "a file holds at most %,d fields".formatted(MOST_FEATURES));
    }
  }
}
