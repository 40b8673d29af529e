package nimblefurrow.core.journal.noted;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * When, where, with what and by whom something was done or seen.
 *
 * @param day on which it was
 * @param part of the field: a zone; empty for all of it
 * @param machine with which; empty where nobody wrote it down
 * @param acres done, more than 0; empty where nobody wrote them down
 * @param pounds of seed used, 0–500,000
 * @param lot of the seed; empty words where nobody wrote it down
 * @param note in the writer's words, up to 2,000 letters
 * @param by the writer's name
 * @param weather of the day as known when it was written down
 */
public record Noted(
    LocalDate day,
    Optional<UUID> part,
    Optional<UUID> machine,
    Optional<Double> acres,
    Optional<Double> pounds,
    String lot,
    String note,
    String by,
    Optional<DayWeather> weather) {
  /** The same in one part of the field. */
  public Noted in(UUID zone) {
    return new Noted(day, Optional.of(zone), machine, acres, pounds, lot, note, by, weather);
  }

  /** Weather of a day: °F, inches of rain, miles an hour. */
  public record DayWeather(double maxF, double minF, double rainIn, double windMph) {}
}
