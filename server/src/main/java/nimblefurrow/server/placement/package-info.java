/** Which job stands on which machine and day, and the acts that put it there, to undo and redo. */
package nimblefurrow.server.placement;
