package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.job.JobId;

/**
 * A start day and machine that a person, or an earlier plan, has given a job.
 *
 * @param waitDays days by which the plan holds it back after its window opens, 0–400; empty where a
 *     person chose the day
 */
public record Pin(
    JobId jobId, String machineId, LocalDate start, boolean locked, Optional<Integer> waitDays) {
  /** A day that a person has chosen. */
  public Pin(JobId jobId, String machineId, LocalDate start, boolean locked) {
    this(jobId, machineId, start, locked, Optional.empty());
  }
}
