package nimblefurrow.core.yard;

import java.time.Duration;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Unit;

/**
 * Somebody who drives. A person does one thing at a time, on whatever machine.
 *
 * @param name as the farm says it; no two people of a farm share one
 * @param off days on which this person cannot be had
 * @param usualDay hours of work that cost nothing extra, up to 24
 * @param longestDay hours after which this person stops, from the usual day to 24
 * @param overtimePerHour what an hour above the usual day costs
 */
public record Person(
    String name,
    Set<LocalDate> off,
    Duration usualDay,
    Duration longestDay,
    Money overtimePerHour) {
  private static final Duration WHOLE_DAY = Duration.ofHours(24);

  public Person {
    Limits.given("driver", name);
    Limits.within("usual day", Durations.inHours(usualDay), 0, 24, Unit.HOUR);
    Limits.within(
        "longest day", Durations.inHours(longestDay), Durations.inHours(usualDay), 24, Unit.HOUR);
    Limits.given("price of overtime", overtimePerHour);
    off = Set.copyOf(off);
  }

  /** Somebody who is there every day for as long as the ground is fit. */
  public static Person always(String name) {
    return new Person(name, Set.of(), WHOLE_DAY, WHOLE_DAY, Money.of(0));
  }

  /** The same person, for so many hours a day more; what is above the usual day is paid as such. */
  public Person longer(double hours) {
    Duration longest = longestDay.plus(Durations.hours(hours));
    return new Person(
        name,
        off,
        usualDay,
        longest.compareTo(WHOLE_DAY) > 0 ? WHOLE_DAY : longest,
        overtimePerHour);
  }

  /** The same person, away on these days too. */
  public Person away(Set<LocalDate> days) {
    Set<LocalDate> all = new HashSet<>(off);
    all.addAll(days);
    return new Person(name, all, usualDay, longestDay, overtimePerHour);
  }
}
