/**
 * Which hours will do for the roller and for the sprayer, and what keeps the others from it. Begin
 * at {@link nimblefurrow.core.termination.hours.CrimpHour} and {@link
 * nimblefurrow.core.termination.hours.SprayHour}.
 */
package nimblefurrow.core.termination.hours;
