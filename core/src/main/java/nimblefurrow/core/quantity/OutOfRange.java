package nimblefurrow.core.quantity;

/**
 * A figure that cannot be right, said so that the person who typed it can mend it: which figure,
 * what it may be, and what was given. Example: "germination is 1–100 %, got 850".
 */
public class OutOfRange extends IllegalArgumentException {
  private final String field;

  public OutOfRange(String field, String message) {
    super(message);
    this.field = field;
  }

  /** The figure's name as the farmer knows it, for example "germination". */
  public String field() {
    return field;
  }
}
