package nimblefurrow.core.play;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.job.JobId;

/**
 * All jobs in one order, the most urgent first, each with its machine and wait. A machine's list is
 * its jobs in that order. A lost day moves dates, not the plan.
 */
public record Plan(List<Turn> turns) {
  public Plan {
    turns = List.copyOf(turns);
    Set<JobId> seen = new HashSet<>();
    for (Turn turn : turns) {
      if (!seen.add(turn.job())) {
        throw new IllegalArgumentException("a job stands in a plan once");
      }
    }
  }

  /** The same order with some jobs on another machine, each as soon as its window opens. */
  public Plan on(String machine, Set<JobId> jobs) {
    return new Plan(
        turns.stream().map(t -> jobs.contains(t.job()) ? Turn.on(t.job(), machine) : t).toList());
  }

  /** The same order without some jobs' work: they are left out. */
  public Plan without(Set<JobId> jobs) {
    return new Plan(
        turns.stream().map(t -> jobs.contains(t.job()) ? Turn.leftOut(t.job()) : t).toList());
  }

  /** The same order and machines without the days that are given, but for the firm ones. */
  public Plan freed() {
    return new Plan(
        turns.stream()
            .map(
                t ->
                    t.given().isEmpty() || t.firm()
                        ? t
                        : new Turn(t.job(), t.machine(), t.waitDays(), Optional.empty(), false))
            .toList());
  }
}
