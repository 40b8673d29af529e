/**
 * What a machine carries, how often it is filled, how many acres an hour come out, what limits.
 *
 * <p>Seed fills a hopper by room or by weight, whichever comes first; a drone by its batteries and
 * chargers too. Each outfit says what limits it, so that the next dollar goes there.
 *
 * <p>Begin at {@link nimblefurrow.core.loads.Loads}; there is one outfit a kind of machine.
 */
package nimblefurrow.core.loads;
