package nimblefurrow.scheduler.rules;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Draft;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.yard.Machine;

/**
 * Rules of thumb that growers go by: which field first, and whether to begin as soon as a window
 * opens or on the day that costs least. {@link #CLOSING} at once is what most do.
 */
public enum Rule {
  CLOSING,
  OPENING,
  MIDDLE,
  COSTS,
  COSTS_MOST;

  /** Days by which a field is hastened whose hour is e times as dear as the mean one. */
  private static final double DAYS_DEARER = 10;

  private Comparator<Integer> order(Ways ways) {
    Comparator<Integer> by =
        switch (this) {
          case CLOSING -> Comparator.comparingInt(j -> ways.due[j]);
          case OPENING -> Comparator.comparingInt(j -> ways.opens[j]);
          case MIDDLE -> Comparator.comparingInt(j -> ways.opens[j] + ways.due[j]);
          case COSTS -> Comparator.comparingInt(j -> ways.costs[j]);
          case COSTS_MOST -> Comparator.comparingDouble(j -> weighed(ways, j));
        };
    return by.thenComparing(Comparator.naturalOrder());
  }

  /** The dearer an hour, the sooner, as if its field cost by so many days earlier. */
  private static double weighed(Ways ways, int job) {
    double mean = Arrays.stream(ways.perHour).average().orElse(1);
    return ways.costs[job] - DAYS_DEARER * Math.log(Math.max(1e-3, ways.perHour[job]) / mean);
  }

  /**
   * The plan by this rule: a job never before the one that it waits for, each on the own machine
   * that has least to do, what has a place before the rest.
   *
   * @param waiting whether each waits for the day that costs least
   */
  public Plan plan(Campaign campaign, Ways ways, List<Turn> given, boolean waiting) {
    List<Job> jobs = campaign.jobs();
    List<Turn> turns = new ArrayList<>(given);
    double[] load = new double[campaign.machines().size()];
    boolean[] placed = new boolean[jobs.size()];
    Map<JobId, Turn> has = new HashMap<>();
    given.forEach(turn -> has.put(turn.job(), turn));
    for (int j = 0; j < jobs.size(); j++) {
      Job job = jobs.get(j);
      Optional<Turn> turn = Optional.ofNullable(has.get(job.id()));
      placed[j] = turn.isPresent();
      for (int m : ways.able[j]) {
        Machine machine = campaign.machines().get(m);
        if (turn.flatMap(Turn::machine).filter(machine.id()::equals).isPresent()) {
          load[m] += job.hoursOn(machine);
        }
      }
    }
    List<Integer> order = new ArrayList<>();
    for (int j = 0; j < jobs.size(); j++) {
      order.add(j);
    }
    order.sort(order(ways));
    for (int j : order) {
      put(j, campaign, ways, placed, load, waiting, turns);
    }
    return new Plan(turns);
  }

  private static void put(
      int j,
      Campaign campaign,
      Ways ways,
      boolean[] placed,
      double[] load,
      boolean waiting,
      List<Turn> turns) {
    if (placed[j]) {
      return;
    }
    placed[j] = true;
    for (int p : ways.before[j]) {
      put(p, campaign, ways, placed, load, waiting, turns);
    }
    Job job = campaign.jobs().get(j);
    List<Machine> machines = campaign.machines();
    List<Integer> able = Arrays.stream(ways.able[j]).boxed().toList();
    List<Integer> own = able.stream().filter(m -> machines.get(m).hire().isEmpty()).toList();
    int best =
        (own.isEmpty() ? able : own)
            .stream()
                .min(Comparator.comparingDouble(m -> load[m] + job.hoursOn(machines.get(m))))
                .orElse(Draft.OUT);
    if (best == Draft.OUT) {
      turns.add(Turn.leftOut(job.id()));
      return;
    }
    Machine machine = machines.get(best);
    load[best] += job.hoursOn(machine);
    turns.add(Turn.on(job.id(), machine.id()).waiting(waiting ? Math.max(0, ways.bestWait[j]) : 0));
  }
}
