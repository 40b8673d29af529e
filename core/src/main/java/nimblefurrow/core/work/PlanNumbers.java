package nimblefurrow.core.work;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import nimblefurrow.core.quantity.OutOfRange;

/** A plan as numbers. */
final class PlanNumbers {
  /** No machine: the job is left out. */
  static final int OUT = -1;

  final int[] order;
  final int[] machine;
  final int[] wait;

  /** The day a person has given; {@link Numbers#NEVER} where none has. */
  final int[] given;

  /** 0 where the plan alone decides, 1 where a day is given, 2 where it is given firmly. */
  final int[] rank;

  /** The highest rank that any job has. */
  final int highest;

  PlanNumbers(Numbers n, Plan plan) {
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
    highest = Arrays.stream(rank).max().orElse(0);
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
