/**
 * One class for each way of ending a cover, behind {@link
 * nimblefurrow.core.termination.route.Ending}.
 */
package nimblefurrow.core.termination.route;
