package nimblefurrow.scheduler;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.work.After;
import nimblefurrow.core.work.Campaign;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.SchedulePlanner;
import nimblefurrow.core.work.ScheduleProblem;
import nimblefurrow.core.work.Turn;

/**
 * The grower's own rule of thumb: the field that closes first goes first, on the farm's own machine
 * that has least to do; a job counts as closing early enough for those that wait for it. What has a
 * place keeps it and comes before the rest.
 */
public final class EarliestClosingFirst implements SchedulePlanner {
  @Override
  public Plan plan(ScheduleProblem problem) {
    Campaign campaign = problem.campaign();
    List<Turn> turns = new ArrayList<>(problem.given());
    Map<String, Double> given = new HashMap<>();
    Set<JobId> placed = new HashSet<>();
    Map<JobId, Job> jobs = campaign.byId();
    Map<String, Machine> machines = new HashMap<>();
    campaign.machines().forEach(m -> machines.put(m.id(), m));
    for (Turn turn : turns) {
      placed.add(turn.job());
      String machine = turn.machine().orElseThrow();
      given.merge(machine, jobs.get(turn.job()).hoursOn(machines.get(machine)), Double::sum);
    }
    for (Job job : order(campaign.jobs())) {
      if (!placed.contains(job.id())) {
        turns.add(turn(campaign, job, given));
      }
    }
    return new Plan(turns);
  }

  private static Turn turn(Campaign campaign, Job job, Map<String, Double> given) {
    List<Machine> able = campaign.able(job);
    List<Machine> own = able.stream().filter(m -> m.hire().isEmpty()).toList();
    return (own.isEmpty() ? able : own)
        .stream()
            .min(Comparator.comparingDouble(m -> given.getOrDefault(m.id(), 0.0) + job.hoursOn(m)))
            .map(
                m -> {
                  given.merge(m.id(), job.hoursOn(m), Double::sum);
                  return Turn.on(job.id(), m.id());
                })
            .orElse(Turn.leftOut(job.id()));
  }

  /** By closing, but no job before the one that it waits for. */
  private static List<Job> order(List<Job> jobs) {
    Map<JobId, Job> all = new LinkedHashMap<>();
    jobs.stream().sorted(ScheduleProblem.CLOSING_FIRST).forEach(job -> all.put(job.id(), job));
    Map<JobId, LocalDate> closes = new HashMap<>();
    all.values().forEach(job -> closes.put(job.id(), job.window().end()));
    List<Job> late = new ArrayList<>(all.values());
    late.sort(Comparator.comparing((Job j) -> j.window().end()).reversed());
    late.forEach(job -> hasten(job, job.window().end(), all, closes, 0));
    List<Job> turns = new ArrayList<>(all.values());
    turns.sort(
        Comparator.comparing((Job j) -> closes.get(j.id()))
            .thenComparing(ScheduleProblem.CLOSING_FIRST));
    List<Job> ordered = new ArrayList<>();
    turns.forEach(job -> put(job, all, ordered));
    return ordered;
  }

  /** A job must be over in time for those that wait for it. */
  private static void hasten(
      Job job, LocalDate by, Map<JobId, Job> all, Map<JobId, LocalDate> closes, int depth) {
    if (depth > all.size()) {
      throw new IllegalArgumentException("jobs wait for each other in a circle");
    }
    for (After after : job.after()) {
      Job before = all.get(after.jobId());
      LocalDate sooner = by.minusDays(after.leastDays());
      if (before != null) {
        closes.merge(before.id(), sooner, (a, b) -> a.isBefore(b) ? a : b);
        hasten(before, closes.get(before.id()), all, closes, depth + 1);
      }
    }
  }

  private static void put(Job job, Map<JobId, Job> all, List<Job> ordered) {
    if (ordered.contains(job)) {
      return;
    }
    job.after().stream()
        .map(a -> all.get(a.jobId()))
        .filter(before -> before != null)
        .forEach(before -> put(before, all, ordered));
    ordered.add(job);
  }
}
