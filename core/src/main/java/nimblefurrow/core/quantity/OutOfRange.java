package nimblefurrow.core.quantity;

/**
 * A figure that cannot be right, said so that the person who typed it can mend it: which figure,
 * what it may be, and what was given. Example: "germination is 1–100 %, got 850". Its figures are
 * quantities, so that it can be read in the farm's own units; the message is in US units.
 */
public class OutOfRange extends IllegalArgumentException {
  private final String field;
  private final transient Reason reason;

  /**
   * Refuses a figure in words that hold no unit.
   *
   * @param field what was typed, as its form calls it
   */
  public OutOfRange(String field, String message) {
    this(field, Reason.of(message));
  }

  /** Refuses a figure with its limits as quantities, said in the reader's units at the edge. */
  public OutOfRange(String field, Reason reason) {
    super(reason.in(UnitSystem.US));
    this.field = field;
    this.reason = reason;
  }

  /** The figure's name as the farmer knows it, for example "germination". */
  public String field() {
    return field;
  }

  /** The refusal as a sentence whose figures are still quantities, to be put into another. */
  public Reason reason() {
    return reason == null ? Reason.of(getMessage()) : reason;
  }

  /** The refusal with its figures in the reader's units. */
  public String in(UnitSystem units) {
    return reason().in(units);
  }
}
