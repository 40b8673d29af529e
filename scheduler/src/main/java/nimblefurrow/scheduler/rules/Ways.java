package nimblefurrow.scheduler.rules;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Draft;
import nimblefurrow.core.yard.Machine;

/**
 * What can be done with each job of a campaign: on which machines, how long it may be held back,
 * with which others it competes, and which belong to one chain. Jobs and machines by their places.
 */
public final class Ways {
  /** How many there are. */
  public final int jobs;

  /** Machines that can do each job, its own first. */
  public final int[][] able;

  /** Whether all that can do a job has to be called for, so that it may be left out. */
  public final boolean[] leavable;

  private final int[][] rivals;
  private int[][] chain;

  /** First day of each window. */
  public final int[] opens;

  /** Last day of each window. */
  public final int[] closes;

  /** Days to wait from the first day of its window to the day that costs least. */
  public final int[] bestWait;

  /** The last day before waiting begins to cost. */
  public final int[] costs;

  /** Dollars that hang on an hour of each job on its first machine. */
  public final double[] perHour;

  /** The same as {@code closes}, early enough for those that wait for it. */
  public final int[] due;

  /** The jobs that each waits for. */
  public final int[][] before;

  private final Campaign campaign;

  /** What the jobs of a campaign may be given, worked out once for a search. */
  public Ways(Campaign campaign) {
    this.campaign = campaign;
    List<Job> all = campaign.jobs();
    jobs = all.size();
    able = new int[jobs][];
    leavable = new boolean[jobs];
    rivals = new int[jobs][];
    opens = new int[jobs];
    closes = new int[jobs];
    bestWait = new int[jobs];
    costs = new int[jobs];
    perHour = new double[jobs];
    before = new int[jobs][];
    Map<Machine, Integer> machines = new HashMap<>();
    campaign.machines().forEach(m -> machines.put(m, machines.size()));
    Map<JobId, Integer> places = new HashMap<>();
    all.forEach(job -> places.put(job.id(), places.size()));
    for (int j = 0; j < jobs; j++) {
      Job job = all.get(j);
      List<Machine> can = campaign.able(job);
      able[j] = can.stream().mapToInt(machines::get).toArray();
      leavable[j] = !can.isEmpty() && can.stream().allMatch(m -> m.hire().isPresent());
      opens[j] = day(job.window().opens().median().orElse(campaign.last()));
      closes[j] = day(job.window().end());
      before[j] =
          job.after().stream()
              .map(After::jobId)
              .filter(places::containsKey)
              .mapToInt(places::get)
              .toArray();
      bestDay(j, job.value());
      perHour[j] =
          can.isEmpty()
              ? 0
              : job.value().lost().value() * job.area().acres() / job.hoursOn(can.get(0));
    }
    due = due(all, places);
  }

  /** Jobs that could use a machine that this one could use too. */
  public int[] rivals(int job) {
    if (rivals[job] == null) {
      rivals[job] = sharing(job);
    }
    return rivals[job];
  }

  /** Jobs that hang together by waiting for each other, the first before the others. */
  public int[] chain(int job) {
    if (chain == null) {
      chain = chains();
    }
    return chain[job];
  }

  private int day(LocalDate date) {
    return (int) ChronoUnit.DAYS.between(campaign.first(), date);
  }

  private void bestDay(int j, WorkValue value) {
    double least = Double.MAX_VALUE;
    int best = opens[j];
    int last = opens[j];
    for (int d = opens[j]; d <= closes[j]; d++) {
      double cost = value.dollarsOn(campaign.first().plusDays(d));
      if (cost < least - 1e-9) {
        least = cost;
        best = d;
      }
      last = cost <= least + 1e-9 ? d : last;
    }
    bestWait[j] = best - opens[j];
    costs[j] = last;
  }

  /** A job must be over in time for all that wait for it, directly or not. */
  private int[] due(List<Job> all, Map<JobId, Integer> places) {
    int[] due = closes.clone();
    for (int j = 0; j < jobs; j++) {
      for (After after : all.get(j).after()) {
        Integer p = places.get(after.jobId());
        hasten(due, p, closes[j] - after.leastDays(), 0);
      }
    }
    return due;
  }

  private void hasten(int[] due, Integer job, int by, int depth) {
    if (job == null) {
      return;
    }
    if (depth > jobs) {
      throw new IllegalArgumentException("jobs wait for each other in a circle");
    }
    due[job] = Math.min(due[job], by);
    for (int p : before[job]) {
      hasten(due, p, by, depth + 1);
    }
  }

  private int[][] chains() {
    int[] group = new int[jobs];
    for (int j = 0; j < jobs; j++) {
      group[j] = j;
    }
    for (int j = 0; j < jobs; j++) {
      for (int p : before[j]) {
        int from = group[j];
        int to = group[p];
        for (int k = 0; k < jobs; k++) {
          group[k] = group[k] == from ? to : group[k];
        }
      }
    }
    Map<Integer, List<Integer>> members = new HashMap<>();
    for (int j = 0; j < jobs; j++) {
      members.computeIfAbsent(group[j], g -> new ArrayList<>()).add(j);
    }
    int[][] chain = new int[jobs][];
    for (int j = 0; j < jobs; j++) {
      chain[j] = members.get(group[j]).stream().mapToInt(Integer::intValue).toArray();
    }
    return chain;
  }

  private int[] sharing(int j) {
    List<Integer> all = new ArrayList<>();
    for (int k = 0; k < jobs; k++) {
      if (k != j && share(able[j], able[k])) {
        all.add(k);
      }
    }
    return all.stream().mapToInt(Integer::intValue).toArray();
  }

  private static boolean share(int[] some, int[] others) {
    for (int a : some) {
      for (int b : others) {
        if (a == b) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether a job may be moved: it can be done, is not under way, and no person gave its day. */
  public boolean free(Draft draft, int job) {
    return able[job].length > 0
        && campaign.jobs().get(job).begunOn().isEmpty()
        && !draft.given(job);
  }
}
