package nimblefurrow.core.board;

import nimblefurrow.core.play.Plan;

/**
 * A way of finding a plan. It decides order, machines and waits; playing the plan tells the dates.
 */
public interface SchedulePlanner {
  /** A plan of all jobs; those that a person gave a place keep it. */
  Plan plan(ScheduleProblem problem);
}
