package nimblefurrow.core.play;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Reason;

/**
 * What became of a job in one year.
 *
 * @param machine the machine's id; empty: left out
 * @param days its work; empty when it was never begun
 * @param undone acres never done
 * @param cause the rule that kept it from beginning on the day before it began, or at all
 * @param held the same in words, which machine, job or person among them
 */
public record Run(
    JobId job, Optional<String> machine, List<DayWork> days, Area undone, Held cause, Reason held) {
  public Run {
    days = List.copyOf(days);
  }

  /** Whether all of it was done. */
  public boolean done() {
    return !days.isEmpty() && undone.acres() == 0;
  }

  /** First day of work. */
  public Optional<LocalDate> begins() {
    return days.isEmpty() ? Optional.empty() : Optional.of(days.get(0).date());
  }

  /** Last day of work of a job that was finished. */
  public Optional<LocalDate> ends() {
    return done() ? Optional.of(days.get(days.size() - 1).date()) : Optional.empty();
  }

  /** Whether all of it was done while its window was open in that year. */
  public boolean inWindow(Job of, WorkYear year) {
    return ends().isPresent()
        && year.opens(of).filter(day -> !begins().orElseThrow().isBefore(day)).isPresent()
        && year.closes(of).filter(day -> !ends().orElseThrow().isAfter(day)).isPresent();
  }
}
