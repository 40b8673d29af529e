package nimblefurrow.core.quantity;

import java.util.Locale;

/** Checks figures against their limits and words the refusal. Not a number (NaN) never passes. */
public final class Limits {
  private Limits() {}

  /** Returns {@code value} when {@code low ≤ value ≤ high}; otherwise throws {@link OutOfRange}. */
  public static double within(String field, double value, double low, double high, String unit) {
    if (!(value >= low && value <= high)) {
      throw new OutOfRange(
          field,
          "%s is %s–%s%s, got %s"
              .formatted(field, plain(low), plain(high), space(unit), plain(value)));
    }
    return value;
  }

  /** Returns {@code value} when it is more than zero and at most {@code high}. */
  public static double positive(String field, double value, double high, String unit) {
    if (!(value > 0 && value <= high)) {
      throw new OutOfRange(
          field,
          "%s is more than 0 and at most %s%s, got %s"
              .formatted(field, plain(high), space(unit), plain(value)));
    }
    return value;
  }

  /** Returns {@code value} unless it is null. */
  public static <T> T given(String field, T value) {
    if (value == null) {
      throw new OutOfRange(field, field + " is missing");
    }
    return value;
  }

  private static String space(String unit) {
    return unit.isEmpty() ? "" : " " + unit;
  }

  private static String plain(double value) {
    if (Double.isNaN(value)) {
      return "not a number";
    }
    return value == Math.rint(value) && Math.abs(value) < 1e12
        ? String.format(Locale.ROOT, "%.0f", value)
        : String.format(Locale.ROOT, "%s", value);
  }
}
