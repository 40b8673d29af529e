package nimblefurrow.core.play;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * A job's place in a plan: which machine, and how long it is held back. Not a date: dates come of
 * playing the plan.
 *
 * @param machine the machine's id; empty: left out
 * @param waitDays days to wait after its window opens, 0–400
 * @param given a day that a person has given in place of the window: it begins then or as soon
 *     after as can be, and may end late
 */
public record Turn(
    JobId job, Optional<String> machine, int waitDays, Optional<LocalDate> given, boolean firm) {
  public Turn {
    Limits.given("job", job);
    Limits.within("wait", waitDays, 0, 400, Unit.DAY);
  }

  /** As soon as its window opens, on a machine. */
  public static Turn on(JobId job, String machine) {
    return new Turn(job, Optional.of(machine), 0, Optional.empty(), false);
  }

  /** Not to be done. */
  public static Turn leftOut(JobId job) {
    return new Turn(job, Optional.empty(), 0, Optional.empty(), false);
  }

  /** The same, held back for some days after the window opens. */
  public Turn waiting(int days) {
    return new Turn(job, machine, days, given, firm);
  }

  /** The same, from a day that a person has given. */
  public Turn from(LocalDate day) {
    return new Turn(job, machine, waitDays, Optional.of(day), firm);
  }

  /** The same, and firm about its day. */
  public Turn firmly(boolean firm) {
    return new Turn(job, machine, waitDays, given, firm);
  }
}
