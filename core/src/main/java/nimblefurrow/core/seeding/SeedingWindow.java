package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.DateForecast;

/**
 * When a cover can go into a field by one way in: a window per climate year, and with it the chance
 * that it is open on any day. An impossible one says why, and what would make it possible.
 */
public final class SeedingWindow {
  private final WayIn way;
  private final LocalDate[] opens;
  private final LocalDate[] bestFrom;
  private final LocalDate[] bestTo;
  private final LocalDate[] closes;
  private final Optional<Reason> impossible;
  private final Optional<Reason> remedy;
  private final List<Reason> notes;

  private SeedingWindow(
      WayIn way,
      LocalDate[] opens,
      LocalDate[] bestFrom,
      LocalDate[] bestTo,
      LocalDate[] closes,
      Reason impossible,
      Reason remedy,
      List<Reason> notes) {
    this.way = way;
    this.opens = opens;
    this.bestFrom = bestFrom;
    this.bestTo = bestTo;
    this.closes = closes;
    this.impossible = Optional.ofNullable(impossible);
    this.remedy = Optional.ofNullable(remedy);
    this.notes = List.copyOf(notes);
  }

  static SeedingWindow open(
      WayIn way,
      LocalDate[] opens,
      LocalDate[] bestFrom,
      LocalDate[] bestTo,
      LocalDate[] closes,
      List<Reason> notes) {
    return new SeedingWindow(way, opens, bestFrom, bestTo, closes, null, null, notes);
  }

  static SeedingWindow impossible(WayIn way, Reason why, Reason remedy) {
    LocalDate[] none = new LocalDate[0];
    return new SeedingWindow(way, none, none, none, none, why, remedy, List.of());
  }

  public WayIn way() {
    return way;
  }

  public Optional<Reason> impossible() {
    return impossible;
  }

  public Optional<Reason> remedy() {
    return remedy;
  }

  public List<Reason> notes() {
    return notes;
  }

  public DateForecast opens() {
    return DateForecast.of(opens);
  }

  public DateForecast bestFrom() {
    return DateForecast.of(bestFrom);
  }

  public DateForecast bestTo() {
    return DateForecast.of(bestTo);
  }

  public DateForecast closes() {
    return DateForecast.of(closes);
  }

  /** Whether the window is open on a date in the n-th climate year. */
  public boolean openIn(int year, LocalDate date) {
    return year < opens.length
        && opens[year] != null
        && closes[year] != null
        && !date.isBefore(opens[year])
        && !date.isAfter(closes[year]);
  }

  /** Chance that the window is open on a date. */
  public Share chanceOpen(LocalDate date) {
    if (opens.length == 0) {
      return Share.of(0);
    }
    int open = 0;
    for (int i = 0; i < opens.length; i++) {
      open += openIn(i, date) ? 1 : 0;
    }
    return Share.of((double) open / opens.length);
  }

  /**
   * Chance that there is a day for it from a given one on: that the crop is off, and that day not
   * gone by, before it is too late for the cover.
   */
  public Share chanceFrom(LocalDate day) {
    return chanceOpenBefore(null, day);
  }

  /**
   * Chance that there is a day from a given one on to sow a species: in the window, and on or
   * before that species' last day of the year.
   *
   * @param last the last day per climate year; null where the species sets none
   * @param day the first day that is left
   */
  public Share chanceOpenBefore(LocalDate[] last, LocalDate day) {
    int able = 0;
    for (int i = 0; i < opens.length; i++) {
      LocalDate first = opens[i] == null || opens[i].isAfter(day) ? opens[i] : day;
      able += notAfter(first, closes[i]) && (last == null || notAfter(first, last[i])) ? 1 : 0;
    }
    return Share.of(opens.length == 0 ? 0 : (double) able / opens.length);
  }

  private static boolean notAfter(LocalDate first, LocalDate last) {
    return first != null && last != null && !first.isAfter(last);
  }

  /** The day a planner would pencil in: where the best part begins in the middle year. */
  public Optional<LocalDate> pencilled() {
    Optional<LocalDate> best = bestFrom().median();
    Optional<LocalDate> last = closes().median();
    return best.isPresent() && last.isPresent() && best.get().isAfter(last.get()) ? last : best;
  }

  /** First and last date with any chance at all, to draw between. */
  public Optional<LocalDate[]> extent() {
    Optional<LocalDate> first =
        Arrays.stream(opens).filter(d -> d != null).min(LocalDate::compareTo);
    Optional<LocalDate> last =
        Arrays.stream(closes).filter(d -> d != null).max(LocalDate::compareTo);
    return first.isPresent() && last.isPresent() && !first.get().isAfter(last.get())
        ? Optional.of(new LocalDate[] {first.get(), last.get()})
        : Optional.empty();
  }
}
