package nimblefurrow.core.yard;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.WorkRate;

/**
 * A machine: what it does, how many acres an hour, and whom and what it needs to move. Example: a
 * 15 ft drill, 6 ac/h, driven by Otis or Wren with either of two tractors.
 *
 * @param booked the only days on which it can be had, as when it is rented; empty: any day
 * @param off days on which it cannot be had: broken, or at other work
 * @param drivers who may drive it, the first before the others; empty: it comes with a crew of its
 *     own
 * @param tractors what may pull it, by name; empty: it moves by itself
 * @param place the farmstead where it stands; empty: not known
 * @param hire the terms of a crew that is called; empty: the farm's own
 * @param called the first day on which a crew has said to come; from then on it needs no notice
 */
@RecordBuilder
public record Machine(
    String id,
    String name,
    MachineKind kind,
    WorkRate rate,
    Set<LocalDate> booked,
    Set<LocalDate> off,
    List<String> drivers,
    List<String> tractors,
    String place,
    Optional<Hire> hire,
    Optional<LocalDate> called)
    implements MachineBuilder.With {
  public Machine {
    Limits.given("machine", id);
    Limits.given("kind of machine", kind);
    Limits.given("field capacity", rate);
    booked = Set.copyOf(booked);
    off = Set.copyOf(off);
    drivers = List.copyOf(drivers);
    tractors = List.copyOf(tractors);
    Limits.given("place", place);
  }

  /** The farm's own, to be had on any day, with a crew of its own. */
  public static Machine of(String id, String name, MachineKind kind, WorkRate rate) {
    return new Machine(
        id,
        name,
        kind,
        rate,
        Set.of(),
        Set.of(),
        List.of(),
        List.of(),
        "",
        Optional.empty(),
        Optional.empty());
  }

  /**
   * The days of some on which it cannot be had: it is away, not booked, or not called in time.
   *
   * @param today the campaign's first day, from which a notice runs
   */
  public List<LocalDate> notHad(LocalDate today, LocalDate from, int days) {
    return from.datesUntil(from.plusDays(days))
        .filter(day -> !day.isBefore(today))
        .filter(day -> !hadOn(day, (int) ChronoUnit.DAYS.between(today, day)))
        .toList();
  }

  /** Whether it can be had on a day, of a campaign that is {@code day} days old. */
  public boolean hadOn(LocalDate date, int day) {
    return !off.contains(date)
        && (booked.isEmpty() || booked.contains(date))
        && (day >= hire.map(Hire::noticeDays).orElse(0)
            || called.filter(c -> !date.isBefore(c)).isPresent());
  }
}
