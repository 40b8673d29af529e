/** Flight plans over the farm's fields, flown by whatever drone stands behind the port. */
package nimblefurrow.server.flight;
