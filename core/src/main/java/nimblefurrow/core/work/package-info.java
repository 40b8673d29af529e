/**
 * Many fields on few machines: jobs, machines, people, roads, fit hours; plans, and the one
 * evaluator that plays them.
 *
 * <p>A plan is an order, a machine and a wait for each job, no dates. {@link
 * nimblefurrow.core.work.Evaluator} plays it through weather years and tells dates, losses and what
 * held each job back, all from one play; {@link nimblefurrow.core.work.Layout} tells it for a board
 * on the hours that may be counted on.
 *
 * <p>"Who can drive the drill?" is {@link nimblefurrow.core.work.Machine}. How the best plan is
 * searched for is not known here; see {@link nimblefurrow.core.work.SchedulePlanner}.
 */
package nimblefurrow.core.work;
