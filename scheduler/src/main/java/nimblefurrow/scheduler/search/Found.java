package nimblefurrow.scheduler.search;

import nimblefurrow.core.play.Plan;

/**
 * A plan with what it loses.
 *
 * @param loss in the mean of the years that were planned on, dollars
 * @param trials changes that were tried for it
 */
public record Found(Plan plan, double loss, long trials) {}
