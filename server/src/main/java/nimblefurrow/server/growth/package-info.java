/** A cover week by week, and its mat after. */
package nimblefurrow.server.growth;
