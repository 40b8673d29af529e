/**
 * What one pass of a roller or a sprayer kills of a species, by stage and by the day's conditions.
 *
 * <p>A roller kills what flowers; before that it only lays it down. A burndown kills by size and by
 * warm days around it. Kills are ranges, never one figure.
 */
package nimblefurrow.core.termination.kill;
