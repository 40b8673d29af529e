/** The machines of a farm, how they are set up, who drives them. */
package nimblefurrow.server.machine;
