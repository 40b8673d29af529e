package nimblefurrow.core.quantity;

/** A part of a whole, 0–1: purity, germination, a chance, a share of a mix. */
public record Share(double fraction) {
  public Share {
    Limits.within("share", fraction, 0, 1, Unit.NONE);
  }

  /** A share as a fraction: {@code Share.of(0.25)}. */
  public static Share of(double fraction) {
    return new Share(fraction);
  }

  /** A share in percent: {@code Share.percent(25)}. */
  public static Share percent(double percent) {
    return new Share(percent / 100);
  }

  /**
   * Reads a figure from a seed tag, where 98 and 0.98 both mean 98 %. More than 0 up to 1 is a
   * fraction, above 1 up to 100 a percentage; 0, negative and more than 100 are refused.
   */
  public static Share fromTag(String field, double typed) {
    if (!(typed > 0 && typed <= 100)) {
      throw new OutOfRange(
          field, "%s is more than 0 and at most 100 %%, got %s".formatted(field, trim(typed)));
    }
    return new Share(typed > 1 ? typed / 100 : typed);
  }

  /** The same in percent. */
  public double percent() {
    return fraction * 100;
  }

  private static String trim(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
