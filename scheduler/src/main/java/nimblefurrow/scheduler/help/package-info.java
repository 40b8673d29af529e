/** Which help would gain most: each is given to the farm, planned with, and played. */
package nimblefurrow.scheduler.help;
