package nimblefurrow.scheduler;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.MachineKind;

/**
 * Something that could be changed about a farm's work, and what it would bring: worked out, not
 * guessed. What it costs to have is not in it.
 *
 * @param kind the kind of machine that is had; empty for other helps
 * @param job the job that is dropped
 * @param from first day on which it helps; {@code to} the last
 * @param gain dollars a year less lost, in years that no search used
 * @param atRisk acres a year that are late or never done with it
 */
public record Help(
    What what,
    Optional<MachineKind> kind,
    Optional<JobId> job,
    Optional<LocalDate> from,
    Optional<LocalDate> to,
    Money gain,
    Area atRisk) {
  /** What is changed. */
  public enum What {
    /** One more person who drives whatever has drivers. */
    DRIVER,
    /** A second machine of a kind for a week. */
    MACHINE,
    /** All windows open two days earlier. */
    EARLIER,
    /** A job is given up, so that its hours go to others. */
    DROP
  }

  /** The same, by a machine of a kind on some days. */
  Help with(MachineKind machine, LocalDate first, LocalDate last) {
    return new Help(
        what, Optional.of(machine), job, Optional.of(first), Optional.of(last), gain, atRisk);
  }

  /** The same, by giving up a job. */
  Help of(JobId dropped) {
    return new Help(what, kind, Optional.of(dropped), from, to, gain, atRisk);
  }
}
