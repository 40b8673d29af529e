/** The days to come by the hour, and what work they are fit for on the farm's own ground. */
package nimblefurrow.server.forecast;
