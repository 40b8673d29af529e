package nimblefurrow.core.quantity;

/**
 * The unit in which a figure is kept, with the unit in which a metric farm reads it. Example: 30
 * {@code INCH} is read as 76.2 cm. Not a quantity: {@link Measure} joins a figure to it.
 */
public enum Unit {
  NONE("", "", 1),
  ACRE("ac", "ha", 0.40468564224),
  POUND("lb", "kg", 0.45359237),
  POUND_PER_ACRE("lb/ac", "kg/ha", 1.1208511562),
  POUND_PER_MINUTE("lb/min", "kg/min", 0.45359237),
  FOOT("ft", "m", 0.3048),
  INCH("in", "cm", 2.54),
  INCH_OF_RAIN("in", "mm", 25.4),
  MILE("miles", "km", 1.609344),
  SQUARE_FOOT("ft²", "m²", 0.09290304),
  CUBIC_FOOT("ft³", "L", 28.316846592),
  GALLON("gal", "L", 3.785411784),
  GALLON_PER_ACRE("gal/ac", "L/ha", 9.353957),
  BUSHEL("bu", "hL", 0.3523907),
  BUSHEL_PER_ACRE("bu/ac", "hL/ha", 0.8707778),
  /** Bushels of 56 lb. */
  CORN_BUSHEL_PER_ACRE("bu/ac", "t/ha", 0.06276766),
  /** Bushels of 60 lb, of soybeans as of wheat. */
  WHEAT_BUSHEL_PER_ACRE("bu/ac", "t/ha", 0.06725107),
  /** Bushels of 32 lb. */
  OAT_BUSHEL_PER_ACRE("bu/ac", "t/ha", 0.03586724),
  /** Tons of 2,000 lb. */
  TON_PER_ACRE("tons/ac", "t/ha", 2.24170231),
  MILE_PER_HOUR("mph", "km/h", 1.609344),
  FOOT_PER_SECOND("ft/s", "m/s", 0.3048),
  ACRE_PER_HOUR("ac/h", "ha/h", 0.40468564224),
  SECOND_PER_ACRE("s/ac", "s/ha", 2.47105381),
  SEED_PER_POUND("seeds/lb", "seeds/kg", 2.20462262),
  SEED_PER_SQUARE_FOOT("seeds/ft²", "seeds/m²", 10.7639104),
  PLANT_PER_SQUARE_FOOT("plants/ft²", "plants/m²", 10.7639104),
  POUND_PER_CUBIC_FOOT("lb/ft³", "kg/hL", 1.6018463),
  PER_ACRE("per acre", "per ha", 2.47105381),
  PER_SQUARE_FOOT("per ft²", "per m²", 10.7639104),
  DOLLAR("$", "$", 1),
  DOLLAR_PER_ACRE("$/ac", "$/ha", 2.47105381),
  DOLLAR_PER_POUND("$/lb", "$/kg", 2.20462262),
  DOLLAR_PER_HOUR("$/h", "$/h", 1),
  DOLLAR_PER_DAY("$ a day", "$ a day", 1),
  DOLLAR_PER_YEAR("$ a year", "$ a year", 1),
  FAHRENHEIT("°F", "°C", 5.0 / 9, 32),
  /** A difference of temperatures: 9 °F apart is 5 °C apart. */
  FAHRENHEIT_STEP("°F", "°C", 5.0 / 9),
  FAHRENHEIT_DAY("°F-days", "°C-days", 5.0 / 9),
  SUNSHINE("MJ/m²", "MJ/m²", 1),
  GRAM("g", "g", 1),
  SHARE("share", "share", 1),
  TIMES_DRILLED("× drilled", "× drilled", 1),
  PERCENT("%", "%", 1),
  DEGREE("°", "°", 1),
  SECOND("s", "s", 1),
  MINUTE("min", "min", 1),
  HOUR("h", "h", 1),
  DAY("days", "days", 1),
  WEEK("weeks", "weeks", 1);

  private final String us;
  private final String metric;
  private final double factor;
  private final double zero;

  Unit(String us, String metric, double factor) {
    this(us, metric, factor, 0);
  }

  Unit(String us, String metric, double factor, double zero) {
    this.us = us;
    this.metric = metric;
    this.factor = factor;
    this.zero = zero;
  }

  /**
   * The unit as written behind a figure, for example "lb/ac" or "kg/ha"; empty for a bare number.
   */
  public String word(UnitSystem units) {
    return units == UnitSystem.US ? us : metric;
  }

  /**
   * A figure kept in this unit, as the farm reads it: 10 {@code FOOT} is 3.048 for a metric farm.
   */
  public double in(UnitSystem units, double value) {
    return units == UnitSystem.US ? value : (value - zero) * factor;
  }

  /** A figure as the farm wrote it, in this unit: 3.048 from a metric farm is 10 {@code FOOT}. */
  public double from(UnitSystem units, double written) {
    return units == UnitSystem.US ? written : written / factor + zero;
  }
}
