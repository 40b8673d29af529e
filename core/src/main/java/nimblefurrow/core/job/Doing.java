package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.yard.Machine;

/**
 * How a job stands by what was said of it. Example: begun with the drill, 22 of 41 acres done,
 * agreed on for 4 October.
 *
 * @param acresDone so far
 * @param on the machine that is at it now, by id; empty: none
 * @param agreed the day on which somebody has said to come; empty: nobody has
 * @param proposed another day, where the last that was said asks for one
 * @param last what was said last
 */
public record Doing(
    double acresDone,
    Optional<String> on,
    Optional<LocalDate> agreed,
    Optional<LocalDate> proposed,
    Report last) {
  private static final FigureKey LEAST_REST = FigureKey.of("work", "least_rest");

  /**
   * How each job stands of which something was said.
   *
   * @param said in the order in which it was said
   * @param machines the machine that each job is placed on now, by id: what a crew has agreed to
   *     counts for its own machine alone
   */
  public static Map<JobId, Doing> of(List<Report> said, Map<JobId, String> machines) {
    Map<JobId, List<Report>> byJob =
        said.stream()
            .collect(Collectors.groupingBy(Report::job, LinkedHashMap::new, Collectors.toList()));
    Map<JobId, Doing> all = new LinkedHashMap<>();
    byJob.forEach((job, reports) -> all.put(job, told(reports, machines.get(job))));
    return all;
  }

  private static Doing told(List<Report> reports, String machine) {
    double done = 0;
    Optional<String> on = Optional.empty();
    Optional<LocalDate> agreed = Optional.empty();
    Optional<LocalDate> proposed = Optional.empty();
    for (Report report : reports) {
      boolean here = report.machineId().equals(machine);
      switch (report.kind()) {
        case ACCEPTED -> {
          agreed = Optional.of(report.day()).filter(day -> here);
          proposed = Optional.empty();
        }
        case PROPOSED -> {
          proposed = Optional.of(report.day()).filter(day -> here);
          agreed = Optional.empty();
        }
        case STARTED -> {
          on = Optional.of(report.machineId());
          proposed = Optional.empty();
        }
        case STOPPED -> {
          on = Optional.empty();
          done = report.acres().orElseThrow();
        }
        case PROBLEM -> {}
      }
    }
    return new Doing(done, on, agreed, proposed, reports.get(reports.size() - 1));
  }

  /**
   * What is left of a job. All done and not written down, it still holds a little: whoever drove it
   * has yet to say that it is over.
   */
  public Job rest(Job job, Figures figures) {
    double left = Math.max(figures.of(LEAST_REST), job.area().acres() - acresDone);
    return job.with(b -> b.area(Area.ofAcres(Math.min(left, job.area().acres()))).begunOn(on));
  }

  /**
   * Machines with the first day that was agreed on for each: a crew that has said to come needs no
   * notice any more from then on.
   *
   * @param on the machine that each job is placed on now
   */
  public static List<Machine> called(
      List<Machine> machines, Map<JobId, Doing> doing, Map<JobId, String> on) {
    Map<String, LocalDate> from = new HashMap<>();
    doing.forEach(
        (job, how) ->
            how.agreed()
                .ifPresent(day -> from.merge(on.get(job), day, (a, b) -> a.isBefore(b) ? a : b)));
    return machines.stream()
        .map(m -> m.with(b -> b.called(Optional.ofNullable(from.get(m.id())))))
        .toList();
  }
}
