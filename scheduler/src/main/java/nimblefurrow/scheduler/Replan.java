package nimblefurrow.scheduler;

import java.util.Set;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Plan;

/**
 * A plan that people go by, and which of its jobs they mind: {@code new Replan(plan, Set.of(),
 * soon)} minds all of them, those of the next days most.
 *
 * @param kept the list as it is kept: every open job, in its order
 * @param touched jobs that may be moved freely, as those of a broken machine or without a place
 * @param soon jobs of the next days: moving them costs most
 */
public record Replan(Plan kept, Set<JobId> touched, Set<JobId> soon) {
  public Replan {
    touched = Set.copyOf(touched);
    soon = Set.copyOf(soon);
  }
}
