/**
 * Getting cover seed into the ground: ways in, their windows around the cash crop, rates, seed and
 * its cost.
 */
package nimblefurrow.core.seeding;
