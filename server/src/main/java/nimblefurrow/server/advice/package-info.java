/** What to sow on a field, why not the rest, and what the coming rotation leaves open. */
package nimblefurrow.server.advice;
