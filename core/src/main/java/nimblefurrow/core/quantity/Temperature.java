package nimblefurrow.core.quantity;

/** An air or soil temperature, for example {@code Temperature.fahrenheit(32)}. −80 to 140 °F. */
public record Temperature(double fahrenheit) {
  public Temperature {
    Limits.within("temperature", fahrenheit, -80, 140, Unit.FAHRENHEIT);
  }

  /** A temperature in degrees Fahrenheit. */
  public static Temperature fahrenheit(double fahrenheit) {
    return new Temperature(fahrenheit);
  }

  /** A temperature in degrees Celsius. */
  public static Temperature celsius(double celsius) {
    return new Temperature(celsius * 9 / 5 + 32);
  }

  /** The same in degrees Celsius. */
  public double celsius() {
    return (fahrenheit - 32) * 5 / 9;
  }
}
