/**
 * Getting cover seed into the ground: ways in, their windows around the cash crop, rates, seed and
 * its cost.
 *
 * <p>A window is told per climate year: opened by a stage of the crop, closed by what the cover
 * still can become. Live rates follow from plants wanted and what comes up; bulk follows from the
 * tag.
 *
 * <p>Begin at {@link nimblefurrow.core.seeding.SeedingWindow} and {@link
 * nimblefurrow.core.seeding.RateBuilder}.
 */
package nimblefurrow.core.seeding;
