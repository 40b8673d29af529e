/**
 * One answer per climate year, kept apart to the end: how they are joined, counted and summed up.
 * What the answers mean is known by the package that asks.
 */
package nimblefurrow.core.ensemble;
