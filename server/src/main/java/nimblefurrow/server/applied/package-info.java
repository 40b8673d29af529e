/** Machines' own points of what they sowed where: kept with the logbook, drawn as coverage. */
package nimblefurrow.server.applied;
