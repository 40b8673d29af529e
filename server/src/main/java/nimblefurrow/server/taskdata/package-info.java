/**
 * Task data for the terminal of a tractor, as ISO 11783-10 lays it down: fields, products, planned
 * tasks with rates, and grids where a rate changes within a field. Written and read from what is
 * known of the standard, without its text at hand; what a terminal makes of it is to be tried.
 */
package nimblefurrow.server.taskdata;
