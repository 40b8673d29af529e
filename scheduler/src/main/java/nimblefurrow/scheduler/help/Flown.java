package nimblefurrow.scheduler.help;

import java.util.Optional;
import java.util.function.Function;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;

/**
 * A crew that could sow fields from the air which are to be sown on wheels.
 *
 * @param machine the crew's, by id
 * @param sowing a job as the crew would do it, with its own window, under its own name; empty where
 *     it cannot
 */
public record Flown(String machine, Function<JobId, Optional<Job>> sowing) {}
