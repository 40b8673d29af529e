/** Rules that put jobs in an order without a search; they decide where the search begins. */
package nimblefurrow.scheduler.rules;
