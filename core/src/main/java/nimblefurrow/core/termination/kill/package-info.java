/**
 * What one pass of a roller or a sprayer kills of a species, by stage and by the day's conditions.
 */
package nimblefurrow.core.termination.kill;
