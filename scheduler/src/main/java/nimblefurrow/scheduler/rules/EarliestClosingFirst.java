package nimblefurrow.scheduler.rules;

import nimblefurrow.core.board.SchedulePlanner;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.play.Plan;
import nimblefurrow.scheduler.search.PlanSearch;

/**
 * The grower's own rule of thumb, told at once: the field that closes first goes first, on the
 * farm's own machine that has least to do; a job counts as closing early enough for those that wait
 * for it. What has a place keeps it and comes before the rest. It is the first of the rules that
 * {@link PlanSearch} begins with.
 */
public final class EarliestClosingFirst implements SchedulePlanner {
  @Override
  public Plan plan(ScheduleProblem problem) {
    return Rule.CLOSING.plan(
        problem.campaign(), new Ways(problem.campaign()), problem.given(), false);
  }
}
