/**
 * Where a drone or aircraft flies over a field: swath lines inside buffers around hazards, cut into
 * loads. It plans; the operator and the law permit.
 */
package nimblefurrow.core.flight;
