package nimblefurrow.core.schedule;

import nimblefurrow.core.quantity.Reason;

/** A job that found no place, and why. */
public record Unplaced(String jobId, Reason why) {}
