package nimblefurrow.core.quantity;

import java.time.LocalDate;

/**
 * Which days can be meant: from 1950, before which nobody keeps records of these fields, to ten
 * years ahead, for example {@code SensibleDay.asOf(today).check("planted", day)}. It knows nothing
 * of whether a day fits its use.
 *
 * @param last the last day that can be meant
 */
public record SensibleDay(LocalDate last) {
  /** The first day that can be meant. */
  public static final LocalDate FIRST = LocalDate.of(1950, 1, 1);

  private static final int YEARS_AHEAD = 10;

  /** The rule as seen on a day. */
  public static SensibleDay asOf(LocalDate today) {
    return new SensibleDay(LocalDate.of(today.getYear() + YEARS_AHEAD, 12, 31));
  }

  /**
   * Returns the day when it can be meant.
   *
   * @throws OutOfRange naming the field and the limits
   */
  public LocalDate check(String field, LocalDate day) {
    if (day.isBefore(FIRST) || day.isAfter(last)) {
      throw new OutOfRange(field, "%s is from %s to %s, got %s".formatted(field, FIRST, last, day));
    }
    return day;
  }
}
