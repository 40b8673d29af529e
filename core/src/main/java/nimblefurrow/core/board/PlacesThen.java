package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;

/**
 * What was meant once, against what is meant today, for the jobs that are still open: those that
 * stand on another machine or day now, the earlier before the others.
 *
 * @param same how many open jobs stand where they stood
 * @param over how many of those that had a place then are done or gone
 */
public record PlacesThen(List<Differs> differs, int same, int over) {
  /** A job that stands elsewhere; empty means nowhere. */
  public record Differs(JobId job, Optional<Pin> then, Optional<Pin> now) {}

  public PlacesThen {
    differs = List.copyOf(differs);
  }

  /** Places of an earlier day against a board's. */
  public static PlacesThen of(List<Pin> then, ScheduleProblem board) {
    Map<JobId, Pin> was = byJob(then);
    Map<JobId, Pin> is = byJob(board.pins());
    List<Differs> differs = new ArrayList<>();
    int same = 0;
    int open = 0;
    for (Job job : board.campaign().jobs()) {
      Optional<Pin> before = Optional.ofNullable(was.get(job.id()));
      Optional<Pin> now = Optional.ofNullable(is.get(job.id()));
      open += before.isPresent() ? 1 : 0;
      boolean alike = before.map(PlacesThen::place).equals(now.map(PlacesThen::place));
      if (!alike) {
        differs.add(new Differs(job.id(), before, now));
      } else if (now.isPresent()) {
        same++;
      }
    }
    differs.sort(
        Comparator.comparing(
            d -> d.then().map(Pin::start).orElse(null),
            Comparator.nullsLast(Comparator.<LocalDate>naturalOrder())));
    return new PlacesThen(differs, same, was.size() - open);
  }

  private static List<Object> place(Pin pin) {
    return List.of(pin.machineId(), pin.start());
  }

  private static Map<JobId, Pin> byJob(List<Pin> pins) {
    Map<JobId, Pin> all = new HashMap<>();
    pins.forEach(p -> all.put(p.jobId(), p));
    return all;
  }
}
