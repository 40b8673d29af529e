package nimblefurrow.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;

/**
 * One thing to do on one field, or on one zone of it.
 *
 * @param id stays the same while the plan does
 * @param field the field's name, with its zone's where it is one
 * @param kinds kinds of machine that can do it, the usual one first
 * @param words what is done, as on a day sheet
 * @param grounds what it is done on; a day is fit when it is on all of them
 * @param place the farmstead that it belongs to; empty: not known
 * @param setUp time before the first acre, 0–24 h
 * @param goes how many times the machine's work for one going-over it takes, 0.1–10
 * @param after what it waits for
 * @param begunOn the machine, by id, on which it is under way: it goes on first and holds the
 *     machine; empty: not begun. Its area is what is left of it then. Of several under way the
 *     plan's order tells which began first.
 * @param onlyOn the one machine, by id, that can do it; empty: any of its kinds
 * @param rates acres an hour of machines, by id, of which it is known what they do here: with this
 *     seed, this far from the filling place; others go by their own field capacity
 */
@RecordBuilder
public record Job(
    JobId id,
    String field,
    List<MachineKind> kinds,
    String words,
    Area area,
    List<Footing> grounds,
    String place,
    JobWindow window,
    Duration setUp,
    double goes,
    List<After> after,
    WorkValue value,
    Optional<String> begunOn,
    Optional<String> onlyOn,
    Map<String, WorkRate> rates)
    implements JobBuilder.With {
  public Job {
    Limits.given("job", id);
    Limits.given("what is done", words);
    Limits.given("place", place);
    Limits.given("value of a day", value);
    Limits.positive("area", area.acres(), 50_000, Unit.ACRE);
    Limits.within("set-up", setUp.toMinutes() / 60.0, 0, 24, Unit.HOUR);
    Limits.within("goes over the field", goes, 0.1, 10, Unit.NONE);
    kinds = List.copyOf(kinds);
    after = List.copyOf(after);
    grounds = List.copyOf(grounds);
    rates = Map.copyOf(rates);
    if (grounds.isEmpty()) {
      throw new OutOfRange("ground", "a job needs the ground that it is done on");
    }
    if (kinds.isEmpty()) {
      throw new OutOfRange("kind of work", "a job needs at least one kind of machine");
    }
  }

  /** A job of one going-over that waits for nothing and is as good on one day as on another. */
  public static Job of(
      JobId id,
      String field,
      MachineKind kind,
      Area area,
      List<Footing> grounds,
      JobWindow window) {
    return new Job(
        id,
        field,
        List.of(kind),
        kind.words(),
        area,
        grounds,
        "",
        window,
        Duration.ZERO,
        1,
        List.of(),
        WorkValue.anyDay(Money.of(0)),
        Optional.empty(),
        Optional.empty(),
        Map.of());
  }

  /**
   * Whether a machine is of a kind that can do it, and the one that it needs where it needs one.
   */
  public boolean suits(Machine machine) {
    return kinds.contains(machine.kind())
        && onlyOn.filter(id -> !id.equals(machine.id())).isEmpty();
  }

  /** The usual kind of machine for it. */
  public MachineKind kind() {
    return kinds.get(0);
  }

  /** Acres an hour of a machine at this job. */
  public WorkRate rateOf(Machine machine) {
    return rates.getOrDefault(machine.id(), machine.rate());
  }

  /** Hours that a machine needs for all of it. */
  public double hoursOn(Machine machine) {
    return setUp.toMillis() / 3_600_000.0 + goes * rateOf(machine).hoursFor(area);
  }
}
