/** Loads, hours and prices of each machine on each field. */
package nimblefurrow.server.loads;
