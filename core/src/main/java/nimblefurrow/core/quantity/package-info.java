/**
 * Small immutable values with their units: areas, rates, masses, heat, shares, money.
 *
 * <p>Lives here: what a number means and how it converts. Does not live here: any rule of the job.
 */
package nimblefurrow.core.quantity;
