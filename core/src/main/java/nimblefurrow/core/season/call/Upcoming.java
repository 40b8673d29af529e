package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;

/**
 * What comes next on a farm while nothing needs a person: a job on the day that it stands on, else
 * a decision on the day on which its window opens. Example: "spray Cottonwood Pivot, opens about 17
 * Apr". Not a call: a call asks for something now.
 *
 * @param day the day given to it, else the one on which its window opens in half of the years
 * @param placed whether it stands on that day already
 */
public record Upcoming(Job job, LocalDate day, boolean placed) {
  private static final FigureKey TOLD = FigureKey.of("season", "coming");

  /**
   * The first few that lie ahead.
   *
   * @param placed the days that jobs stand on
   */
  public static List<Upcoming> of(
      List<Job> jobs, Map<JobId, LocalDate> placed, LocalDate today, Figures figures) {
    return jobs.stream()
        .flatMap(job -> next(job, Optional.ofNullable(placed.get(job.id()))).stream())
        .filter(one -> one.day().isAfter(today))
        .sorted(
            Comparator.comparing(Upcoming::day)
                .thenComparing(one -> one.job().field())
                .thenComparing(one -> one.job().id().operation()))
        .limit(figures.whole(TOLD))
        .toList();
  }

  private static Optional<Upcoming> next(Job job, Optional<LocalDate> placed) {
    return placed
        .map(day -> new Upcoming(job, day, true))
        .or(() -> job.window().opens().median().map(day -> new Upcoming(job, day, false)));
  }
}
