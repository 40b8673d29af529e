package nimblefurrow.scheduler.help;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;

/**
 * Something that could be changed about a farm's work, and what it would bring: worked out, not
 * guessed. What it costs to have is not in it, but for what a hired crew asks for its acres.
 *
 * @param machine the machine that a second one is like, or that is hired; empty for other helps
 * @param jobs those that are dropped, or that the hired machine does
 * @param from first day on which it helps; {@code to} the last
 * @param gain dollars a year less lost, in years that no search used
 * @param chance share of those years in which less is lost with it
 * @param atRisk acres a year that are late or never done with it
 */
public record Help(
    What what,
    Optional<String> machine,
    List<JobId> jobs,
    Optional<LocalDate> from,
    Optional<LocalDate> to,
    Money gain,
    Share chance,
    Area atRisk) {
  /** What is changed. */
  public enum What implements Coded {
    /** One more person for two weeks, who drives whatever has drivers. */
    DRIVER("driver"),
    /** A second machine of a kind for a week. */
    MACHINE("machine"),
    /** A crew that sows some fields from the air, which a machine on wheels was to sow. */
    FLOWN("flown"),
    /** All windows open some days earlier. */
    EARLIER("earlier"),
    /** Every working day is some hours longer. */
    LONGER("longer"),
    /** A job is given up, so that its hours go to others. */
    DROP("drop");

    private final String code;

    What(String code) {
      this.code = code;
    }

    @Override
    public String code() {
      return code;
    }
  }

  public Help {
    jobs = List.copyOf(jobs);
  }

  /** The same, on some days. */
  Help on(LocalDate first, LocalDate last) {
    return new Help(
        what, machine, jobs, Optional.of(first), Optional.of(last), gain, chance, atRisk);
  }

  /** The same, by a machine. */
  Help by(String id) {
    return new Help(what, Optional.of(id), jobs, from, to, gain, chance, atRisk);
  }

  /** The same, of some jobs. */
  Help of(List<JobId> some) {
    return new Help(what, machine, some, from, to, gain, chance, atRisk);
  }
}
