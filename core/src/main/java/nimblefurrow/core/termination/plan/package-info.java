/**
 * What a crew and a planter have to know before a cover is ended: the roller's pass, planting
 * green, and the other ways. Begin at {@link nimblefurrow.core.termination.plan.TerminationPlan}.
 */
package nimblefurrow.core.termination.plan;
