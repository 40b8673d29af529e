package nimblefurrow.core.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.quantity.Reason;

/**
 * Jobs that can never begin, since they wait for each other in a circle, or for one that does:
 * "haul corn" after the drilling of a field that is drilled after "haul corn". They are named, and
 * all others are planned without them.
 */
public final class Circles {
  private Circles() {}

  /** The jobs that can never begin, each with what it waits for; most often none. */
  public static List<Unplaced> of(List<Job> jobs) {
    Map<JobId, Job> left = new HashMap<>();
    jobs.forEach(job -> left.put(job.id(), job));
    Set<JobId> open = new LinkedHashSet<>(left.keySet());
    boolean found = true;
    while (found) {
      found =
          open.removeIf(
              id ->
                  left.get(id).after().stream()
                      .noneMatch(a -> a.done().isEmpty() && open.contains(a.jobId())));
    }
    List<Unplaced> never = new ArrayList<>();
    for (Job job : jobs) {
      if (open.contains(job.id())) {
        never.add(new Unplaced(job.id(), says(job, left, open)));
      }
    }
    return never;
  }

  /** The jobs without those that can never begin. */
  public static List<Job> without(List<Job> jobs) {
    Set<JobId> never = new HashSet<>();
    of(jobs).forEach(one -> never.add(one.jobId()));
    return never.isEmpty() ? jobs : jobs.stream().filter(j -> !never.contains(j.id())).toList();
  }

  private static Reason says(Job job, Map<JobId, Job> all, Set<JobId> open) {
    Job before =
        job.after().stream()
            .map(After::jobId)
            .filter(open::contains)
            .map(all::get)
            .findFirst()
            .orElseThrow();
    return Reason.of(
        "never begins: it waits for {} ({}), and that for it or for others that wait in a circle",
        before.field(),
        before.words());
  }
}
