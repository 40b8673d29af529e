/**
 * The server: rooms with the farmer's words, each from the door to the table. It loads, asks core,
 * keeps; it does no arithmetic of the job.
 */
package nimblefurrow.server;
