package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;

/**
 * The next decisions of a farm on which nothing needs a person yet, for example "spray Cottonwood
 * Pivot, opens about 17 Apr". Not a call: a call asks for something now.
 *
 * @param opens the day on which its window opens in half of the years
 */
public record Upcoming(Job job, LocalDate opens) {
  private static final FigureKey TOLD = FigureKey.of("season", "coming");

  /**
   * The first few jobs whose windows still lie ahead.
   *
   * @param placed jobs that stand on a day already; they are decided
   */
  public static List<Upcoming> of(
      List<Job> jobs, Set<JobId> placed, LocalDate today, Figures figures) {
    return jobs.stream()
        .filter(job -> !placed.contains(job.id()))
        .flatMap(job -> job.window().opens().median().map(day -> new Upcoming(job, day)).stream())
        .filter(one -> one.opens().isAfter(today))
        .sorted(
            Comparator.comparing(Upcoming::opens)
                .thenComparing(one -> one.job().field())
                .thenComparing(one -> one.job().id().operation()))
        .limit(figures.whole(TOLD))
        .toList();
  }
}
