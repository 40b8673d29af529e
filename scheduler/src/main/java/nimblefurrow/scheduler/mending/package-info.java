/** What decides how far a list that people go by is kept when it is searched anew. */
package nimblefurrow.scheduler.mending;
