package nimblefurrow.core.job;

import nimblefurrow.core.quantity.Reason;

/** A job that found no place, and why. */
public record Unplaced(JobId jobId, Reason why) {}
