package nimblefurrow.core.play;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.yard.MachineKind;

/** One year's fit hours, windows and worth of days as numbers. */
final class YearNumbers {
  private record Ground(MachineKind kind, List<Footing> grounds) {}

  /** Fit hours of each day, by job and machine; jobs of one kind and footing share a row. */
  final double[][][] fit;

  /** Days on which anything at all could be done. */
  final boolean[] anyFit;

  final int[] opens;
  final int[] closes;

  /** Days by which the year is late for each job. */
  final int[] late;

  YearNumbers(Numbers n, WorkYear year) {
    int jobs = n.jobs.size();
    fit = new double[jobs][n.machines.size()][];
    opens = new int[jobs];
    closes = new int[jobs];
    late = new int[jobs];
    anyFit = new boolean[n.days];
    Map<Ground, double[]> rows = new HashMap<>();
    for (int j = 0; j < jobs; j++) {
      Job job = n.jobs.get(j);
      opens[j] = year.opens(job).map(n::day).orElse(Numbers.NEVER);
      closes[j] = year.closes(job).map(n::day).orElse(Numbers.NEVER);
      late[j] = year.late(job);
      for (int m = 0; m < fit[j].length; m++) {
        if (!Double.isNaN(n.hours[j][m])) {
          MachineKind kind = n.machines.get(m).kind();
          fit[j][m] =
              rows.computeIfAbsent(
                  new Ground(kind, job.grounds()),
                  ground -> {
                    double[] hours = year.fitHours(job, kind, n.date(0), n.days);
                    for (int d = 0; d < hours.length; d++) {
                      anyFit[d] |= hours[d] >= n.leastFit;
                    }
                    return hours;
                  });
        }
      }
    }
  }

  /** Fit hours of a job on a machine from a day up to another, both counted. */
  double hours(int job, int machine, int from, int to) {
    double[] day = fit[job][machine];
    double sum = 0;
    for (int d = from; d <= to && d < day.length; d++) {
      sum += day[d];
    }
    return sum;
  }
}
