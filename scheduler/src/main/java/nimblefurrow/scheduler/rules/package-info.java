/**
 * What each job may be given ({@link nimblefurrow.scheduler.rules.Ways}), and rules that put jobs
 * in an order without a search; they decide where the search begins.
 */
package nimblefurrow.scheduler.rules;
