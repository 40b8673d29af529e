package nimblefurrow.core.quantity;

/** A mass of seed or dry matter, for example {@code Mass.ofPounds(50)}. 1 lb = 453.59237 g. */
public record Mass(double pounds) {
  private static final double GRAMS_PER_POUND = 453.59237;

  public Mass {
    Limits.within("mass", pounds, 0, 1e9, Unit.POUND);
  }

  public static Mass ofPounds(double pounds) {
    return new Mass(pounds);
  }

  public static Mass ofKilograms(double kilograms) {
    return new Mass(kilograms * 1000 / GRAMS_PER_POUND);
  }

  public static Mass ofGrams(double grams) {
    return new Mass(grams / GRAMS_PER_POUND);
  }

  public double kilograms() {
    return pounds * GRAMS_PER_POUND / 1000;
  }

  public double grams() {
    return pounds * GRAMS_PER_POUND;
  }

  public Mass plus(Mass other) {
    return new Mass(pounds + other.pounds);
  }
}
