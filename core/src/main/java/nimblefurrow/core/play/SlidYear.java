package nimblefurrow.core.play;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.yard.MachineKind;

/**
 * A year whose weather comes some days later, or earlier where the days are below 0. A plan that
 * stands in slid years too has not learnt by heart on which day it rained. Crops stay as early or
 * late as they were.
 */
public record SlidYear(WorkYear year, int days, LocalDate first, LocalDate last)
    implements WorkYear {
  /** All years slid by each of some numbers of days, the first number's years first. */
  public static List<WorkYear> of(
      List<? extends WorkYear> years, List<Integer> slides, Campaign campaign) {
    List<WorkYear> all = new ArrayList<>();
    for (int days : slides) {
      for (WorkYear year : years) {
        all.add(days == 0 ? year : new SlidYear(year, days, campaign.first(), campaign.last()));
      }
    }
    return all;
  }

  @Override
  public double fitHours(Job job, MachineKind kind, LocalDate day) {
    LocalDate was = day.minusDays(days);
    return year.fitHours(job, kind, was.isBefore(first) ? first : was.isAfter(last) ? last : was);
  }

  @Override
  public double[] fitHours(Job job, MachineKind kind, LocalDate from, int count) {
    int all = (int) ChronoUnit.DAYS.between(first, last) + 1;
    int offset = (int) ChronoUnit.DAYS.between(first, from) - days;
    double[] was = year.fitHours(job, kind, first, all);
    double[] hours = new double[count];
    for (int d = 0; d < count; d++) {
      hours[d] = was[Math.max(0, Math.min(all - 1, d + offset))];
    }
    return hours;
  }

  @Override
  public Optional<LocalDate> opens(Job job) {
    return year.opens(job);
  }

  @Override
  public Optional<LocalDate> closes(Job job) {
    return year.closes(job);
  }

  @Override
  public int late(Job job) {
    return year.late(job);
  }
}
