package nimblefurrow.core.ensemble;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Share;

/**
 * When something will happen: one date per climate year, or "not reached" for years in which it
 * never does. {@code forecast.median()} is the day by which it has come in half of the years. Never
 * a bare date.
 *
 * @param days the day of each year
 */
public record DateForecast(Ensemble<LocalDate> days) {
  private static final double EARLY = 0.1;
  private static final double LATE = 0.9;

  /** A forecast from one answer per climate year. */
  public static DateForecast of(Ensemble<LocalDate> days) {
    return new DateForecast(days);
  }

  /** The same from a list; null stands for "not reached". */
  public static DateForecast of(List<LocalDate> perYear) {
    return new DateForecast(Ensemble.of(perYear));
  }

  /** Something that no year reaches. */
  public static DateForecast never(int members) {
    return new DateForecast(Ensemble.never(members));
  }

  /** A date that has happened or is fixed. */
  public static DateForecast certain(LocalDate date) {
    return new DateForecast(Ensemble.certain(date));
  }

  /** The same some days later; earlier for days below 0. */
  public DateForecast plusDays(int later) {
    return new DateForecast(days.map(d -> d.plusDays(later)));
  }

  /** The date by which the event has come in this share of years; empty when too few reach it. */
  public Optional<LocalDate> by(double share) {
    return days.quantile(share);
  }

  /** The day by which it has come in one year of ten. */
  public Optional<LocalDate> early() {
    return by(EARLY);
  }

  /** The day by which it has come in half of the years. */
  public Optional<LocalDate> median() {
    return days.middle();
  }

  /** The day by which it has come in nine years of ten. */
  public Optional<LocalDate> late() {
    return by(LATE);
  }

  /**
   * Whether it has come by a date in one climate year; a forecast of a single date is the same in
   * every year.
   */
  public boolean comeBy(LocalDate date, int year) {
    return days.in(year).filter(d -> !d.isAfter(date)).isPresent();
  }

  /** Whether it comes on a date or later in one climate year; not where it never comes. */
  public boolean comesOnOrAfter(LocalDate date, int year) {
    return days.in(year).filter(d -> !d.isBefore(date)).isPresent();
  }

  /** Chance that it has happened at or before a date. */
  public Share chanceBy(LocalDate date) {
    return days.chance(d -> !d.isAfter(date));
  }

  /**
   * The last day that still works with at least this chance, where each year's date is the last day
   * that works in that year; empty when no day does.
   */
  public Optional<LocalDate> lastDayWithChance(double chance) {
    return days.reachedBy(chance);
  }

  /** How many years never get there. */
  public int notReached() {
    return days.notReached();
  }

  /** How many years answer. */
  public int members() {
    return days.years();
  }
}
