package nimblefurrow.core.work;

import java.time.LocalDate;

/** A start day and machine that a person, or an earlier plan, has given a job. */
public record Pin(JobId jobId, String machineId, LocalDate start, boolean locked) {}
