/**
 * Where a drone or aircraft flies over a field: swath lines inside buffers around hazards, cut into
 * loads.
 *
 * <p>Every flight keeps back what it takes to come home. Ways between lines are the shortest inside
 * what the hazards leave. It plans; the operator and the law permit.
 *
 * <p>Begin at {@link nimblefurrow.core.flight.FlightPlanner}.
 */
package nimblefurrow.core.flight;
