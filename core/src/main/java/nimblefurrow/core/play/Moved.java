package nimblefurrow.core.play;

import nimblefurrow.core.job.JobId;

/**
 * A job that a plan has given another place than the plan before: people who have read their list
 * have to be told. Its dates alone do not count; a lost day moves dates, not the plan.
 */
public record Moved(JobId job, How how) {
  /** In what its place differs. */
  public enum How {
    /** Another machine, or left out, or taken up. */
    MACHINE,
    /** Held back by two days more or less. */
    WAIT,
    /** Asked earlier or later among the jobs of its machine. */
    ORDER
  }
}
