package nimblefurrow.core.quantity;

/** Checks figures against their limits and words the refusal. Not a number (NaN) never passes. */
public final class Limits {
  private Limits() {}

  /** Returns {@code value} when {@code low ≤ value ≤ high}; otherwise throws {@link OutOfRange}. */
  public static double within(String field, double value, double low, double high, Unit unit) {
    if (!(value >= low && value <= high)) {
      throw new OutOfRange(
          field,
          Reason.of(
              "{} is {}–{}, got {}",
              field,
              new Bare(Measure.least(low, unit)),
              Measure.most(high, unit),
              new Bare(Measure.typed(value, unit))));
    }
    return value;
  }

  /** Returns {@code value} when it is more than zero and at most {@code high}. */
  public static double positive(String field, double value, double high, Unit unit) {
    if (!(value > 0 && value <= high)) {
      throw new OutOfRange(
          field,
          Reason.of(
              "{} is more than 0 and at most {}, got {}",
              field,
              Measure.most(high, unit),
              new Bare(Measure.typed(value, unit))));
    }
    return value;
  }

  /** A figure whose unit is said beside it. */
  record Bare(Measure measure) {}

  /** Returns {@code value} unless it is null. */
  public static <T> T given(String field, T value) {
    if (value == null) {
      throw new OutOfRange(field, field + " is missing");
    }
    return value;
  }
}
