package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.List;

/**
 * What is to be scheduled.
 *
 * @param pins jobs that already have a place and keep it
 */
public record ScheduleProblem(
    LocalDate today, List<Job> jobs, List<Machine> machines, FitDays fit, List<Pin> pins) {
  public ScheduleProblem {
    jobs = List.copyOf(jobs);
    machines = List.copyOf(machines);
    pins = List.copyOf(pins);
  }

  public ScheduleProblem pinned(List<Pin> pins) {
    return new ScheduleProblem(today, jobs, machines, fit, pins);
  }
}
