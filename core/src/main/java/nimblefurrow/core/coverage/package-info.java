/**
 * What was laid where: a machine's points turned into acres covered, skips, overlaps and rates.
 *
 * <p>Readings are laid on a grid of 2 m as bars of the working width; only another run overlaps a
 * run, a turn does not. Pounds in are pounds on the ground or beside it.
 *
 * <p>Begin at {@link nimblefurrow.core.coverage.AppliedMap}.
 */
package nimblefurrow.core.coverage;
