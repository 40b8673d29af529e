package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;

/**
 * A day that an insurer or a programme sets for the end of a cover, as the farm has it from them:
 * dead by 10 June, or living until 15 April. It changes no plan and no money; it is said, and the
 * agent is asked. Not the law and not the label.
 *
 * @param name whose day it is, for example "crop insurance"
 * @param day of each year
 */
public record TerminationDate(String name, Kind kind, MonthDay day) {
  /** Which side of the day is asked for. */
  public enum Kind implements Coded {
    DEAD_BY("dead_by"),
    ALIVE_UNTIL("alive_until");

    private final String code;

    Kind(String code) {
      this.code = code;
    }

    @Override
    public String code() {
      return code;
    }
  }

  public TerminationDate {
    Limits.given("name", name);
    Limits.given("kind", kind);
    Limits.given("day", day);
  }

  /** The day in the year of a planting. */
  public LocalDate in(LocalDate planting) {
    return day.atYear(planting.getYear());
  }

  /** What is to be said of a day of ending; empty where it keeps to this one. */
  public Optional<Reason> brokenBy(LocalDate ended, LocalDate planting) {
    LocalDate set = in(planting);
    return switch (kind) {
      case DEAD_BY ->
          ended.isAfter(set)
              ? Optional.of(
                  Reason.of(
                      "{} wants it dead by {}, this is {}: ask your agent first", name, set, ended))
              : Optional.empty();
      case ALIVE_UNTIL ->
          ended.isBefore(set)
              ? Optional.of(
                  Reason.of(
                      "{} wants it living until {}, this is {}: ask your agent first",
                      name,
                      set,
                      ended))
              : Optional.empty();
    };
  }
}
