package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Share;

/**
 * When something will happen: one date per climate year, or "not reached" for years in which it
 * never does. Never a bare date.
 */
public final class DateForecast {
  private static final long NOT_REACHED = Long.MAX_VALUE;

  private final long[] byYear;
  private final long[] sorted;
  private final int members;

  /** Days since the epoch by climate year; {@link #NOT_REACHED} where a year never gets there. */
  private DateForecast(long[] byYear) {
    this.byYear = byYear;
    this.members = byYear.length;
    long[] ordered = byYear.clone();
    Arrays.sort(ordered);
    int reached = members;
    while (reached > 0 && ordered[reached - 1] == NOT_REACHED) {
      reached--;
    }
    this.sorted = reached == members ? ordered : Arrays.copyOf(ordered, reached);
  }

  /** A forecast from one answer per climate year; null stands for "not reached". */
  public static DateForecast of(List<LocalDate> perYear) {
    return of(perYear.toArray(LocalDate[]::new));
  }

  /** The same from an array; a plain loop, for the ranking makes very many of these. */
  public static DateForecast of(LocalDate[] perYear) {
    long[] days = new long[perYear.length];
    for (int i = 0; i < days.length; i++) {
      days[i] = perYear[i] == null ? NOT_REACHED : perYear[i].toEpochDay();
    }
    return new DateForecast(days);
  }

  /** Something that no year reaches. */
  public static DateForecast never(int members) {
    long[] none = new long[members];
    Arrays.fill(none, NOT_REACHED);
    return new DateForecast(none);
  }

  /** A date that has happened or is fixed. */
  public static DateForecast certain(LocalDate date) {
    return new DateForecast(new long[] {date.toEpochDay()});
  }

  /** The same some days later; earlier for days below 0. */
  public DateForecast plusDays(int days) {
    return new DateForecast(
        Arrays.stream(byYear).map(d -> d == NOT_REACHED ? d : d + days).toArray());
  }

  /** The date by which the event has come in this share of years; empty when too few reach it. */
  public Optional<LocalDate> by(double share) {
    int rank = (int) Math.ceil(share * members - 1e-9);
    return sorted.length == 0 || rank > sorted.length
        ? Optional.empty()
        : Optional.of(LocalDate.ofEpochDay(sorted[Math.max(0, rank - 1)]));
  }

  public Optional<LocalDate> early() {
    return by(0.1);
  }

  public Optional<LocalDate> median() {
    return by(0.5);
  }

  public Optional<LocalDate> late() {
    return by(0.9);
  }

  /**
   * Whether it has come by a date in one climate year; a forecast of a single date is the same in
   * every year.
   */
  public boolean comeBy(LocalDate date, int year) {
    return inYear(year) <= date.toEpochDay();
  }

  /** Whether it comes on a date or later in one climate year; not where it never comes. */
  public boolean comesOnOrAfter(LocalDate date, int year) {
    long day = inYear(year);
    return day != NOT_REACHED && day >= date.toEpochDay();
  }

  private long inYear(int year) {
    return byYear[members == 1 ? 0 : year];
  }

  /** Chance that it has happened at or before a date. */
  public Share chanceBy(LocalDate date) {
    long day = date.toEpochDay();
    return share(Arrays.stream(sorted).filter(d -> d <= day).count());
  }

  /** Chance that it happens on a date or later; years that never reach it do not count. */
  public Share chanceOnOrAfter(LocalDate date) {
    long day = date.toEpochDay();
    return share(Arrays.stream(sorted).filter(d -> d >= day).count());
  }

  /**
   * The last day that still works with at least this chance, where each year's date is the last day
   * that works in that year; empty when no day does.
   */
  public Optional<LocalDate> lastDayWithChance(double chance) {
    int needed = (int) Math.ceil(chance * members - 1e-9);
    return sorted.length == 0 || needed > sorted.length
        ? Optional.empty()
        : Optional.of(LocalDate.ofEpochDay(sorted[sorted.length - Math.max(1, needed)]));
  }

  private Share share(long years) {
    return Share.of(members == 0 ? 0 : (double) years / members);
  }

  public int notReached() {
    return members - sorted.length;
  }

  public int members() {
    return members;
  }
}
