package nimblefurrow.server.otherwork;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.OtherWork;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.server.otherwork.OtherWorks.WrittenWork;

/** Other work as core knows it, and what waits for what by it. */
public final class OtherJobs {
  private OtherJobs() {}

  /** What was written down, checked. */
  public static OtherWork of(WrittenWork work) {
    return new OtherWork(
        work.id(),
        work.what(),
        work.machineId() == null ? "" : work.machineId().toString(),
        Optional.ofNullable(work.acres()).map(Area::ofAcres),
        Optional.ofNullable(work.hours()).map(Durations::hours),
        work.first(),
        work.last(),
        Optional.ofNullable(work.cost()).map(Money::of));
  }

  /**
   * The jobs with what they wait for by other work, and it for them; what is done already is waited
   * for no more.
   */
  public static List<Job> waiting(List<Job> jobs, List<WrittenWork> all) {
    Map<JobId, Job> open = new HashMap<>();
    jobs.forEach(job -> open.put(job.id(), job));
    Map<JobId, List<After>> more = new HashMap<>();
    for (WrittenWork work : all) {
      JobId own = new JobId(work.id(), OtherWork.OPERATION);
      wait(more, open.get(work.waitsFor()), own);
      wait(more, open.get(own), work.before());
    }
    return jobs.stream().map(job -> after(job, more.getOrDefault(job.id(), List.of()))).toList();
  }

  private static void wait(Map<JobId, List<After>> more, Job first, JobId then) {
    if (first != null && then != null) {
      more.computeIfAbsent(then, job -> new ArrayList<>()).add(After.whenever(first));
    }
  }

  private static Job after(Job job, List<After> more) {
    List<After> all = new ArrayList<>(job.after());
    all.addAll(more);
    return more.isEmpty() ? job : job.with(j -> j.after(all));
  }
}
