/** Stand-ins for what lies outside: here the weather station. */
package nimblefurrow.server.simulator;
