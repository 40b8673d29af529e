package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.yard.MachineKind;

/**
 * One year's weather as the work meets it: which hours are fit, and when windows are open. A plan
 * is played in each.
 */
public interface WorkYear {
  /** Hours of a day that are fit for a job done by a kind of machine, 0–24. */
  double fitHours(Job job, MachineKind kind, LocalDate day);

  /** The same for each of some days from a first one. */
  default double[] fitHours(Job job, MachineKind kind, LocalDate first, int days) {
    double[] hours = new double[days];
    for (int d = 0; d < days; d++) {
      hours[d] = fitHours(job, kind, first.plusDays(d));
    }
    return hours;
  }

  /** First day of a job's window; empty where it never opens. */
  Optional<LocalDate> opens(Job job);

  /** Last day of a job's window; empty where it never closes. */
  Optional<LocalDate> closes(Job job);

  /** Days by which this year is late for a job; what a day is worth moves with it. */
  int late(Job job);
}
