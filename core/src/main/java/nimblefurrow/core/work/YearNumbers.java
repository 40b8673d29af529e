package nimblefurrow.core.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One year's fit hours, windows and worth of days as numbers. */
final class YearNumbers {
  private record Ground(MachineKind kind, List<Footing> grounds) {}

  /** Fit hours of each day, by job and machine; jobs of one kind and footing share a row. */
  final double[][][] fit;

  final int[] opens;
  final int[] closes;

  /** Dollars for an acre of a job done on a day. */
  final double[][] cost;

  YearNumbers(Numbers n, WorkYear year) {
    int jobs = n.jobs.size();
    fit = new double[jobs][n.machines.size()][];
    opens = new int[jobs];
    closes = new int[jobs];
    cost = new double[jobs][];
    double[] nothing = new double[n.days];
    Map<Ground, double[]> rows = new HashMap<>();
    for (int j = 0; j < jobs; j++) {
      Job job = n.jobs.get(j);
      opens[j] = year.opens(job).map(n::day).orElse(Numbers.NEVER);
      closes[j] = year.closes(job).map(n::day).orElse(Numbers.NEVER);
      int late = year.late(job);
      cost[j] = job.value().points().isEmpty() ? nothing : new double[n.days];
      for (int d = 0; d < n.days && cost[j] != nothing; d++) {
        cost[j][d] = job.value().dollarsOn(n.date(d - late));
      }
      for (int m = 0; m < fit[j].length; m++) {
        if (!Double.isNaN(n.hours[j][m])) {
          MachineKind kind = n.machines.get(m).kind();
          fit[j][m] =
              rows.computeIfAbsent(
                  new Ground(kind, job.grounds()),
                  ground -> {
                    double[] hours = new double[n.days];
                    for (int d = 0; d < hours.length; d++) {
                      hours[d] = year.fitHours(job, kind, n.date(d));
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
