package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;

/**
 * When a cover can go into a field by one way in, per climate year: from when, where it is best,
 * and until when it still becomes useful. Seed that goes in later is late but never refused; it may
 * go in until the window shuts. An impossible one says why, and what would make it possible.
 */
public final class SeedingWindow {
  private final SeedingMethod way;
  private final Ensemble<LocalDate> opens;
  private final Ensemble<LocalDate> bestFrom;
  private final Ensemble<LocalDate> bestTo;
  private final Ensemble<LocalDate> closes;
  private final Ensemble<LocalDate> lives;
  private final Ensemble<LocalDate> shuts;
  private final Optional<Reason> impossible;
  private final Optional<Reason> remedy;
  private final List<Reason> notes;

  private SeedingWindow(
      SeedingMethod way,
      Ensemble<LocalDate> opens,
      Ensemble<LocalDate> bestFrom,
      Ensemble<LocalDate> bestTo,
      Ensemble<LocalDate> closes,
      Ensemble<LocalDate> lives,
      Ensemble<LocalDate> shuts,
      Reason impossible,
      Reason remedy,
      List<Reason> notes) {
    this.way = way;
    this.opens = opens;
    this.bestFrom = bestFrom;
    this.bestTo = bestTo;
    this.closes = closes;
    this.lives = lives;
    this.shuts = shuts;
    this.impossible = Optional.ofNullable(impossible);
    this.remedy = Optional.ofNullable(remedy);
    this.notes = List.copyOf(notes);
  }

  /** A window that shuts when its use ends, as between rows or in standing wheat. */
  static SeedingWindow open(
      SeedingMethod way,
      Ensemble<LocalDate> opens,
      Ensemble<LocalDate> bestFrom,
      Ensemble<LocalDate> bestTo,
      Ensemble<LocalDate> closes,
      List<Reason> notes) {
    return open(way, opens, bestFrom, bestTo, closes, closes, closes, notes);
  }

  /**
   * @param closes the last day for a useful cover
   * @param lives the last day from which it still just lives, or gives a little cover
   * @param shuts the last day on which it can be sown at all
   */
  static SeedingWindow open(
      SeedingMethod way,
      Ensemble<LocalDate> opens,
      Ensemble<LocalDate> bestFrom,
      Ensemble<LocalDate> bestTo,
      Ensemble<LocalDate> closes,
      Ensemble<LocalDate> lives,
      Ensemble<LocalDate> shuts,
      List<Reason> notes) {
    return new SeedingWindow(way, opens, bestFrom, bestTo, closes, lives, shuts, null, null, notes);
  }

  static SeedingWindow impossible(SeedingMethod way, Reason why, Reason remedy) {
    Ensemble<LocalDate> none = Ensemble.never(0);
    return new SeedingWindow(way, none, none, none, none, none, none, why, remedy, List.of());
  }

  /** The way in that it is of. */
  public SeedingMethod way() {
    return way;
  }

  /** Why it can never be sown this way here; empty where it can. */
  public Optional<Reason> impossible() {
    return impossible;
  }

  /** What would make it possible; empty where nothing would. */
  public Optional<Reason> remedy() {
    return remedy;
  }

  /** What to know of it. */
  public List<Reason> notes() {
    return notes;
  }

  /** The first day in each climate year. */
  public DateForecast opens() {
    return DateForecast.of(opens);
  }

  /** From when it is best in each climate year. */
  public DateForecast bestFrom() {
    return DateForecast.of(bestFrom);
  }

  /** Until when it is best in each climate year. */
  public DateForecast bestTo() {
    return DateForecast.of(bestTo);
  }

  /** The last day for a useful cover. */
  public DateForecast closes() {
    return DateForecast.of(closes);
  }

  /** The last day from which it still just lives, or gives a little cover; not before it closes. */
  public DateForecast lives() {
    return DateForecast.of(lives);
  }

  /** The last day on which it can be sown at all, late or dormant. */
  public DateForecast shuts() {
    return DateForecast.of(shuts);
  }

  /** Chance that the window is open on a date. */
  public Share chanceOpen(LocalDate date) {
    return opens.chance(closes, (from, to) -> !date.isBefore(from) && !date.isAfter(to));
  }

  /**
   * Chance that there is a day for it from a given one on: that the crop is off, and that day not
   * gone by, before it is too late for the cover.
   */
  public Share chanceFrom(LocalDate day) {
    return chanceUntil(closes, day);
  }

  /**
   * Chance that there is a day from a given one on to sow a species: in the window, and on or
   * before that species' last day of the year.
   *
   * @param last the last day of the species in each climate year
   * @param day the first day that is left
   */
  public Share chanceOpenBefore(Ensemble<LocalDate> last, LocalDate day) {
    return chanceUntil(closes.leastOfBoth(last), day);
  }

  private Share chanceUntil(Ensemble<LocalDate> end, LocalDate day) {
    return opens.chance(end, (from, to) -> !to.isBefore(from) && !to.isBefore(day));
  }

  /**
   * The day a planner would pencil in: where the best part begins in the middle year, or as soon as
   * it opens where it opens too late to have one. Never before it opens.
   */
  public Optional<LocalDate> pencilled() {
    Optional<LocalDate> open = opens().median();
    return bestFrom()
        .median()
        .filter(best -> open.isEmpty() || !best.isBefore(open.get()))
        .or(() -> open);
  }

  /** First and last date with any chance at all, to draw between. */
  public Optional<LocalDate[]> extent() {
    Optional<LocalDate> first = opens.least();
    Optional<LocalDate> last = closes.most();
    return first.isPresent() && last.isPresent() && !first.get().isAfter(last.get())
        ? Optional.of(new LocalDate[] {first.get(), last.get()})
        : Optional.empty();
  }
}
