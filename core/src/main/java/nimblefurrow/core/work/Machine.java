package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.WorkRate;

/**
 * A machine: what it does and how many acres an hour.
 *
 * @param booked the only days on which it can be had, as when it is rented; empty: any day
 * @param drivers who may drive it, the first before the others; empty: it comes with a crew of its
 *     own
 */
public record Machine(
    String id,
    String name,
    MachineKind kind,
    WorkRate rate,
    Set<LocalDate> booked,
    List<String> drivers) {
  public Machine {
    Limits.given("machine", id);
    Limits.given("kind of machine", kind);
    Limits.given("field capacity", rate);
    booked = Set.copyOf(booked);
    drivers = List.copyOf(drivers);
  }

  /** A machine that can be had on any day and brings its own crew. */
  public Machine(String id, String name, MachineKind kind, WorkRate rate) {
    this(id, name, kind, rate, Set.of(), List.of());
  }

  /** Whether it can be had on a day. */
  public boolean hadOn(LocalDate day) {
    return booked.isEmpty() || booked.contains(day);
  }
}
