/** A farm's weather as of its day, from a station or from imported files, through one port. */
package nimblefurrow.server.weather;
