/**
 * Small immutable values with their units: areas, rates, masses, heat, shares, money.
 *
 * <p>Lives here: what a number means, how it converts, its limits, and how it is said. A refusal
 * and a reason keep their figures as quantities, so that a metric farm reads them in its own.
 *
 * <p>Does not live here: any rule of the job.
 */
package nimblefurrow.core.quantity;
