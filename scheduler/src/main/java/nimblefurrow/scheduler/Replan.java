package nimblefurrow.scheduler;

import nimblefurrow.core.work.Mending;
import nimblefurrow.core.work.Plan;

/**
 * A plan that people go by, and which of its jobs they mind.
 *
 * @param kept the list as it is kept: every open job, in its order
 */
public record Replan(Plan kept, Mending minds) {}
