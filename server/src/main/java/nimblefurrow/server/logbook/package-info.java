/** Writing down what was done and seen, and showing what it changes. */
package nimblefurrow.server.logbook;
