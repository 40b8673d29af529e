package nimblefurrow.core.play;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.yard.MachineKind;

/**
 * A year as it would be if all were ready some days sooner, or its working days were longer. Its
 * weather stays: a day that is not fit for an hour is not fit for longer.
 *
 * @param sooner days by which each window opens earlier
 * @param longer hours more on each day that is fit at all
 */
public record OtherwiseYear(WorkYear year, int sooner, double longer) implements WorkYear {
  private static final double WHOLE_DAY = 24;

  @Override
  public double fitHours(Job job, MachineKind kind, LocalDate day) {
    return stretched(year.fitHours(job, kind, day));
  }

  @Override
  public double[] fitHours(Job job, MachineKind kind, LocalDate first, int days) {
    double[] hours = year.fitHours(job, kind, first, days);
    double[] more = new double[days];
    for (int d = 0; d < days; d++) {
      more[d] = stretched(hours[d]);
    }
    return more;
  }

  private double stretched(double hours) {
    return hours > 0 ? Math.min(WHOLE_DAY, hours + longer) : 0;
  }

  @Override
  public Optional<LocalDate> opens(Job job) {
    return year.opens(job).map(day -> day.minusDays(sooner));
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
