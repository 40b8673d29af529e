/** Pieces that somebody has split off a job. */
package nimblefurrow.server.part;
