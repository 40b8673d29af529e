package nimblefurrow.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * A figure with its unit, said with as many digits as a person would use: {@code Measure.of(30,
 * Unit.FOOT)} is "30 ft" or "9.144 m". Not for arithmetic.
 *
 * @param value in {@code unit}; not a number is said so
 * @param digits how many digits count, 1–9
 * @param rounding towards which side it is rounded: a limit is never said wider than it is
 */
public record Measure(double value, Unit unit, int digits, RoundingMode rounding) {
  private static final int OF_A_LIMIT = 4;
  private static final int AS_TYPED = 7;
  private static final int LONG = 5;

  /** What converting back and forth adds behind the last digit typed. */
  private static final MathContext NOISE = new MathContext(12);

  /** A figure with its unit, said in the units of whoever reads it. */
  public static Measure of(double value, Unit unit) {
    return new Measure(value, unit, OF_A_LIMIT, RoundingMode.HALF_EVEN);
  }

  /** The least that may be: never said lower than it is. */
  static Measure least(double value, Unit unit) {
    return new Measure(value, unit, OF_A_LIMIT, RoundingMode.CEILING);
  }

  /** The most that may be: never said higher than it is. */
  static Measure most(double value, Unit unit) {
    return new Measure(value, unit, OF_A_LIMIT, RoundingMode.FLOOR);
  }

  /** What somebody typed: said with all its digits, as far as they can be meant. */
  static Measure typed(double value, Unit unit) {
    return new Measure(value, unit, AS_TYPED, RoundingMode.HALF_EVEN);
  }

  /** The figure with its unit. */
  public String in(UnitSystem units) {
    String word = unit.word(units);
    return word.isEmpty() ? bare(units) : bare(units) + " " + word;
  }

  /** The figure without its unit. */
  public String bare(UnitSystem units) {
    double read = unit.in(units, value);
    if (Double.isNaN(read)) {
      return "not a number";
    } else if (Double.isInfinite(read)) {
      return "endless";
    }
    BigDecimal exact = new BigDecimal(read).round(NOISE);
    BigDecimal whole = exact.setScale(0, RoundingMode.HALF_EVEN);
    boolean isWhole = exact.compareTo(whole) == 0 && Math.abs(read) < 1e12;
    BigDecimal said = isWhole ? whole : exact.round(new MathContext(digits, rounding));
    return Math.abs(read) >= 1e12
        ? said.round(new MathContext(digits)).toString()
        : grouped(said.stripTrailingZeros().toPlainString());
  }

  /** 50000 is hard to tell from 500000: thousands are parted from five digits on. */
  private static String grouped(String plain) {
    int point = plain.indexOf('.');
    String whole = point < 0 ? plain : plain.substring(0, point);
    return whole.length() < LONG
        ? plain
        : whole.replaceAll("(?<=\\d)(?=(\\d{3})+$)", ",") + plain.substring(whole.length());
  }
}
