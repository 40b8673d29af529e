package nimblefurrow.core.play;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * A plan as numbers, to be changed and played thousands of times: jobs and machines are known by
 * their place in their campaign. Not for telling anybody: see {@link Plan}. Its arrays are its own
 * and may be written to by whoever searches.
 */
public final class Draft {
  /** No machine: the job is left out. */
  public static final int OUT = -1;

  private final Numbers n;

  /** Jobs, the most urgent first. */
  public final int[] order;

  /** The machine of each job; {@link #OUT} where it is left out. */
  public final int[] machine;

  /** Days that each job waits after its window opens. */
  public final int[] wait;

  /** The day a person has given; {@link Numbers#NEVER} where none has. */
  final int[] given;

  /** 0 where the plan alone decides, 1 where a day is given, 2 where it is given firmly. */
  final int[] rank;

  /** The highest rank that any job has. */
  final int highest;

  private Draft(Draft other) {
    n = other.n;
    order = other.order.clone();
    machine = other.machine.clone();
    wait = other.wait.clone();
    given = other.given;
    rank = other.rank;
    highest = other.highest;
  }

  Draft(Numbers n, Plan plan) {
    this.n = n;
    Map<JobId, Integer> jobs = new HashMap<>();
    n.jobs.forEach(job -> jobs.put(job.id(), jobs.size()));
    Map<String, Integer> machines = new HashMap<>();
    n.machines.forEach(m -> machines.put(m.id(), machines.size()));
    order = new int[plan.turns().size()];
    machine = new int[n.jobs.size()];
    wait = new int[n.jobs.size()];
    given = new int[n.jobs.size()];
    rank = new int[n.jobs.size()];
    Arrays.fill(machine, OUT);
    Arrays.fill(given, Numbers.NEVER);
    int at = 0;
    for (Turn turn : plan.turns()) {
      Integer job = jobs.get(turn.job());
      if (job == null) {
        throw new OutOfRange("plan", "a plan speaks of a job that the campaign does not have");
      }
      order[at++] = job;
      wait[job] = turn.waitDays();
      turn.given().ifPresent(day -> given[job] = n.day(day));
      rank[job] = turn.given().isEmpty() ? 0 : turn.firm() ? 2 : 1;
      turn.machine().ifPresent(id -> machine[job] = able(n, job, id, machines.get(id)));
    }
    for (int j = 0; j < machine.length; j++) {
      if (n.begunOn[j] >= 0 && machine[j] != n.begunOn[j]) {
        throw new OutOfRange("plan", n.jobs.get(j).field() + " is under way on another machine");
      }
    }
    highest = Arrays.stream(rank).max().orElse(0);
  }

  /** The same, to be changed apart from this one. */
  public Draft copy() {
    return new Draft(this);
  }

  /** Takes over order, machines and waits of another of the same campaign. */
  public void become(Draft other) {
    System.arraycopy(other.order, 0, order, 0, order.length);
    System.arraycopy(other.machine, 0, machine, 0, machine.length);
    System.arraycopy(other.wait, 0, wait, 0, wait.length);
  }

  /** Days of wait more or less by which a job counts as moved. */
  int movedDays() {
    return n.movedDays;
  }

  /** Whether a person has given a job its day, so that a search leaves it alone. */
  public boolean given(int job) {
    return rank[job] > 0;
  }

  /** As a plan that can be told and kept. */
  public Plan plan() {
    List<Turn> turns = new ArrayList<>();
    for (int job : order) {
      Job one = n.jobs.get(job);
      boolean out = machine[job] == OUT;
      turns.add(
          new Turn(
              one.id(),
              out ? Optional.empty() : Optional.of(n.machines.get(machine[job]).id()),
              wait[job],
              rank[job] == 0 ? Optional.empty() : Optional.of(n.date(given[job])),
              rank[job] == 2));
    }
    return new Plan(turns);
  }

  private static int able(Numbers n, int job, String id, Integer machine) {
    if (machine == null) {
      throw new OutOfRange("machine", "the campaign has no machine " + id);
    }
    if (Double.isNaN(n.hours[job][machine])) {
      throw new OutOfRange(
          "machine",
          "%s cannot %s".formatted(n.machines.get(machine).name(), n.jobs.get(job).kind().words()));
    }
    return machine;
  }
}
