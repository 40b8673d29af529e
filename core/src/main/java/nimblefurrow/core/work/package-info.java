/**
 * Many fields on few machines: jobs, machines, fit days, the placed schedule and its reasons. How
 * the best schedule is searched for is not known here; see {@link SchedulePlanner}.
 */
package nimblefurrow.core.work;
