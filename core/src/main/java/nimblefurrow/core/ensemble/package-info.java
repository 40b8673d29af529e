/**
 * One answer per climate year, kept apart to the end: how they are joined, counted and summed up.
 *
 * <p>There is one quantile: the least answer that such a share of the years does not exceed, never
 * a value between two. Not to get there is an answer of its own. Chances that hang together are
 * counted in the same years.
 *
 * <p>What the answers mean is known by the package that asks. Begin at {@link
 * nimblefurrow.core.ensemble.Ensemble}.
 */
package nimblefurrow.core.ensemble;
