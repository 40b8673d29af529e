package nimblefurrow.scheduler.mending;

import nimblefurrow.core.board.Mending;
import nimblefurrow.core.play.Plan;

/**
 * A plan that people go by, and which of its jobs they mind.
 *
 * @param kept the list as it is kept: every open job, in its order
 */
public record Replan(Plan kept, Mending minds) {}
