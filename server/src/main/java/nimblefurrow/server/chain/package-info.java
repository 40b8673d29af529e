/** The years of a field: crops, covers and cuts in their places. */
package nimblefurrow.server.chain;
