package nimblefurrow.core.quantity;

/** A mass of seed or dry matter, for example {@code Mass.ofPounds(50)}. 1 lb = 453.59237 g. */
public record Mass(double pounds) {
  private static final double GRAMS_PER_POUND = 453.59237;

  public Mass {
    Limits.within("mass", pounds, 0, 1e9, Unit.POUND);
  }

  /** A weight in pounds. */
  public static Mass ofPounds(double pounds) {
    return new Mass(pounds);
  }

  /** A weight in kilograms. */
  public static Mass ofKilograms(double kilograms) {
    return new Mass(kilograms * 1000 / GRAMS_PER_POUND);
  }

  /** A weight in grams. */
  public static Mass ofGrams(double grams) {
    return new Mass(grams / GRAMS_PER_POUND);
  }

  /** The same in kilograms. */
  public double kilograms() {
    return pounds * GRAMS_PER_POUND / 1000;
  }

  /** The same in grams. */
  public double grams() {
    return pounds * GRAMS_PER_POUND;
  }

  /** Both together. */
  public Mass plus(Mass other) {
    return new Mass(pounds + other.pounds);
  }
}
