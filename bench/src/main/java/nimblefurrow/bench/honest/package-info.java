/**
 * Whether forecasts hold what they promise: springs are drawn from the made-up station and from the
 * errors that the model owns to, forecast as the application would, and counted. Begin at {@link
 * nimblefurrow.bench.honest.HonestSprings}.
 */
package nimblefurrow.bench.honest;
