/**
 * Which days are fit for a kind of work on a ground: topsoil, wind, rain, frost and warmth, counted
 * over the climate years. Begin at {@link nimblefurrow.core.fitness.FitDays}.
 */
package nimblefurrow.core.fitness;
