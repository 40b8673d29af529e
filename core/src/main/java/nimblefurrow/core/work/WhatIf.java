package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;

/**
 * What it would mean to put a job on a machine and day, told before it is done.
 *
 * @param days the work as it would fall
 * @param late ends after the window's end
 * @param crowds jobs on the same machine whose days it would take
 */
public record WhatIf(
    List<DayWork> days,
    double chanceOpen,
    double chanceFit,
    boolean late,
    List<JobId> crowds,
    List<Reason> says) {

  public static WhatIf of(
      ScheduleProblem problem, Schedule now, Job job, Machine machine, LocalDate day) {
    if (machine.kind() != job.kind()) {
      throw new OutOfRange("machine", "%s cannot %s".formatted(machine.name(), job.kind().words()));
    }
    if (day.isBefore(problem.today())) {
      throw new OutOfRange("day", "day is %s or later, got %s".formatted(problem.today(), day));
    }
    FitDays fit = problem.fit();
    List<DayWork> days = new MachineDays(fit).forced(job, machine, day);
    LocalDate end = days.get(days.size() - 1).date();
    double open = job.window().chanceOpen(day);
    double chance = fit.chance(job, day);
    boolean late = end.isAfter(job.window().end());
    List<JobId> crowds = crowded(now, job, machine, days);
    List<Reason> says = new ArrayList<>();
    says.add(Reason.of("window open on {}: {}", day, Share.of(open)));
    says.add(Reason.of("day fit to {}: {}", job.kind().words(), Share.of(chance)));
    if (end.isAfter(day)) {
      says.add(Reason.of("needs {} h, so it runs to {}", job.hoursOn(machine), end));
    }
    if (!machine.hadOn(day)) {
      says.add(Reason.of("the {} is not booked on {}", machine.name(), day));
    }
    job.after()
        .flatMap(a -> a.done().or(() -> now.of(a.jobId()).map(Placement::finish)).map(a::notBefore))
        .filter(day::isBefore)
        .ifPresent(
            first -> {
              throw new OutOfRange(
                  "day",
                  "day is %s or later: %s comes first, with its wait"
                      .formatted(first, job.after().get().words()));
            });
    if (late) {
      long by = ChronoUnit.DAYS.between(job.window().end(), end);
      says.add(Reason.of("ends {} days after the window closes on {}", by, job.window().end()));
    }
    return new WhatIf(days, open, chance, late, crowds, says);
  }

  private static List<JobId> crowded(Schedule now, Job job, Machine machine, List<DayWork> days) {
    List<LocalDate> wanted = days.stream().map(DayWork::date).toList();
    return now.placed().stream()
        .filter(p -> p.machineId().equals(machine.id()) && !p.jobId().equals(job.id()))
        .filter(p -> p.days().stream().anyMatch(d -> wanted.contains(d.date())))
        .map(Placement::jobId)
        .toList();
  }
}
