package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.fitness.FitDays;

/**
 * How many hours of each of some days are fit for a job: what a plan counts on, and what may come.
 * Example: on 9 October 6 h are counted on, one year of ten has none, nine years of ten no more
 * than 9.5 h.
 *
 * @param counted hours of each day that a plan counts on, 0–24
 * @param low hours that one year of ten does not exceed
 * @param high hours that nine years of ten do not exceed
 */
public record FitSpread(double[] counted, double[] low, double[] high) {
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  /** The hours of a job's usual kind of machine, in all climate years. */
  public static FitSpread of(FitDays fit, Job job, LocalDate first, int days) {
    List<WorkYear> years = new JobDays(fit).years();
    double[][] hours = new double[years.size()][];
    for (int y = 0; y < hours.length; y++) {
      hours[y] = years.get(y).fitHours(job, job.kind(), first, days);
    }
    double[] low = new double[days];
    double[] high = new double[days];
    for (int d = 0; d < days; d++) {
      int day = d;
      Ensemble<Double> all = Ensemble.of(hours.length, y -> hours[y][day]);
      low[d] = all.quantile(LOW).orElse(0.0);
      high[d] = all.quantile(HIGH).orElse(0.0);
    }
    return new FitSpread(
        new JobDays(fit).expected().fitHours(job, job.kind(), first, days), low, high);
  }
}
