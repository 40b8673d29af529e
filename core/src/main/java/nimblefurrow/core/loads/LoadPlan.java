package nimblefurrow.core.loads;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.WorkRate;

/**
 * A job's loads and hours, or why it cannot be done.
 *
 * @param loads empty when it is not possible
 * @param rate acres an hour with refills, ferries and waiting
 * @param perLoad from one filling to the next
 * @param needs what must stand ready, for example batteries
 * @param limits what holds the work back, in words
 */
public record LoadPlan(
    Optional<Loads> loads,
    Optional<WorkRate> rate,
    Duration time,
    Duration perLoad,
    List<Need> needs,
    String limits,
    List<Reason> notes,
    Optional<Reason> impossible) {

  /** Something to have ready, and how many of it. */
  public record Need(String what, int count) {}

  static LoadPlan done(
      Loads loads,
      WorkRate rate,
      Duration time,
      Duration perLoad,
      List<Need> needs,
      String limits,
      List<Reason> notes) {
    return new LoadPlan(
        Optional.of(loads),
        Optional.of(rate),
        time,
        perLoad,
        List.copyOf(needs),
        limits,
        List.copyOf(notes),
        Optional.empty());
  }

  static LoadPlan impossible(Reason why) {
    return new LoadPlan(
        Optional.empty(),
        Optional.empty(),
        Duration.ZERO,
        Duration.ZERO,
        List.of(),
        "",
        List.of(),
        Optional.of(why));
  }

  /** Hours of several passes one after the other. */
  public static double hours(List<LoadPlan> passes) {
    return passes.stream().mapToDouble(p -> Durations.inHours(p.time())).sum();
  }

  /**
   * Acres an hour of several passes one after the other: 40 ac in two passes of 4 h are 5. Empty
   * where one of them cannot be done.
   */
  public static Optional<WorkRate> rate(List<LoadPlan> passes, Area field) {
    double hours = hours(passes);
    return hours > 0 && passes.stream().allMatch(LoadPlan::possible)
        ? Optional.of(WorkRate.acresPerHour(field.acres() / hours))
        : Optional.empty();
  }

  /** Whether the machine can do it at all. */
  public boolean possible() {
    return impossible.isEmpty();
  }
}
