/**
 * The one evaluator: a plan is an order, a machine and a wait for each job, no dates; {@link
 * nimblefurrow.core.play.Evaluator} plays it through weather years and tells dates, losses and what
 * held each job back, all from one play.
 *
 * <p>How the best plan is searched for is not known here.
 */
package nimblefurrow.core.play;
