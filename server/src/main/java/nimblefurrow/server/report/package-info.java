/** What people in the field say of the jobs on the board, and how far these are by it. */
package nimblefurrow.server.report;
