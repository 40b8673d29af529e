/** Ways of searching for a schedule over core's jobs and machines. */
package nimblefurrow.scheduler;
