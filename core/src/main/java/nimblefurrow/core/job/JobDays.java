package nimblefurrow.core.job;

import static java.time.temporal.ChronoUnit.DAYS;

import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.yard.MachineKind;

/**
 * A farm's fit days as its jobs meet them: with a job's grounds, its kind of machine and its
 * window. Example: the drilling of Long Half is fit and open on 4 October in 62 % of the years. Not
 * how a day's fitness is counted, see {@link FitDays}.
 *
 * @param fit the farm's fit days
 */
public record JobDays(FitDays fit) {
  private static final FigureKey OPEN_LIKELY = FigureKey.of("work", "open_likely");

  /** Chance that a date is fit for a job's work on its ground, 0–1. */
  public double chance(Job job, LocalDate date) {
    return fit.chance(job.grounds(), job.kind(), date);
  }

  /**
   * Chance that a date is fit for a job's work and its window open, 0–1, counted over the same
   * years.
   */
  public double chanceOpen(Job job, LocalDate date) {
    boolean[] years = fit.years(job.grounds(), job.kind(), date);
    return (double)
            IntStream.range(0, years.length)
                .filter(i -> years[i] && job.window().openIn(i, date))
                .count()
        / years.length;
  }

  /**
   * The ground with the fewest fit days to be counted on between two days, where another has more;
   * it holds the rest back.
   *
   * @param from first day counted
   * @param to last day counted; the first alone is counted where it is earlier
   */
  public Optional<Footing> holdsBack(Job job, LocalDate from, LocalDate to) {
    Map<Footing, Double> days = new LinkedHashMap<>();
    LocalDate end = to.isBefore(from) ? from : to;
    job.grounds()
        .forEach(
            ground ->
                days.put(
                    ground,
                    from.datesUntil(end.plusDays(1))
                        .mapToDouble(day -> fit.chance(List.of(ground), job.kind(), day))
                        .sum()));
    double best = Collections.max(days.values());
    return days.entrySet().stream()
        .filter(e -> e.getValue() < best)
        .min(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }

  /** Each climate year as the work meets it. */
  public List<WorkYear> years() {
    return IntStream.range(0, fit.memberYears()).mapToObj(this::year).toList();
  }

  private WorkYear year(int n) {
    return new WorkYear() {
      @Override
      public double fitHours(Job job, MachineKind kind, LocalDate day) {
        return fit.years(job.grounds(), kind, day)[n] ? fit.hoursPerDay(kind) : 0;
      }

      @Override
      public double[] fitHours(Job job, MachineKind kind, LocalDate first, int count) {
        return fit.fitHours(job.grounds(), kind, first, count, n);
      }

      @Override
      public Optional<LocalDate> opens(Job job) {
        return job.window().opens().days().in(n);
      }

      @Override
      public Optional<LocalDate> closes(Job job) {
        return job.window().closes().days().in(n);
      }

      @Override
      public int late(Job job) {
        if (!job.value().moves()) {
          return 0;
        }
        return job.window()
            .opens()
            .median()
            .flatMap(m -> opens(job).map(d -> DAYS.between(m, d)))
            .orElse(0L)
            .intValue();
      }
    };
  }

  /**
   * The one year that hours to be counted on make up; windows open when they are likely enough to
   * be, and end on the planner's last day.
   */
  public WorkYear expected() {
    double likely = fit.figures().of(OPEN_LIKELY);
    return new WorkYear() {
      @Override
      public double fitHours(Job job, MachineKind kind, LocalDate day) {
        return fitHours(job, kind, day, 1)[0];
      }

      @Override
      public double[] fitHours(Job job, MachineKind kind, LocalDate first, int count) {
        return fit.countedHours(job.grounds(), kind, first, count);
      }

      @Override
      public Optional<LocalDate> opens(Job job) {
        return job.window().opens().by(likely);
      }

      @Override
      public Optional<LocalDate> closes(Job job) {
        return Optional.of(job.window().end());
      }

      @Override
      public int late(Job job) {
        return 0;
      }
    };
  }
}
