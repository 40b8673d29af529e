package nimblefurrow.core.job;

import java.time.Duration;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * How far a job is that is counted in hours: of twelve hours of hauling, half of its acres done are
 * six. Not the hours of a day, see {@link DayWork}.
 *
 * @param takes how long all of it takes
 * @param whole the acres that the whole job holds for its machine
 */
public record CountedHours(Duration takes, Area whole) {
  /** Hours of all of it. */
  public double all() {
    return Durations.inHours(takes);
  }

  /** Hours still to do where so much of it is left. */
  public double left(Area rest) {
    return all() * rest.acres() / whole.acres();
  }

  /**
   * How much of it so many hours are; all of them are the whole.
   *
   * @throws OutOfRange for more hours than it takes, or less than none
   */
  public Area done(double hours) {
    if (hours < 0 || hours > all()) {
      throw new OutOfRange(
          "hours done", "hours done are 0 to %.1f, got %.1f".formatted(all(), hours));
    }
    return hours == all() ? whole : Area.ofAcres(whole.acres() * hours / all());
  }
}
