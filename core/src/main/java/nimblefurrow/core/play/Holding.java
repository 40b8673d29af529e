package nimblefurrow.core.play;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.quantity.Reason;

/** Says what held a job back, in words, from the rule that failed in the play itself. */
final class Holding {
  private final Numbers n;
  private final Told told;
  private final Draft plan;

  Holding(Numbers n, Told told, Draft plan) {
    this.n = n;
    this.told = told;
    this.plan = plan;
  }

  /** The machine that a plan gives a job. */
  Optional<String> machine(int j) {
    return plan.machine[j] == Draft.OUT
        ? Optional.empty()
        : Optional.of(n.machines.get(plan.machine[j]).id());
  }

  /** What failed on the day before the job began; for one that never began, what failed last. */
  Reason why(int j) {
    Job job = n.jobs.get(j);
    if (told.held[j] == Held.LEFT_OUT) {
      return Reason.of("left out of the plan");
    }
    String machine = n.machines.get(plan.machine[j]).name();
    int by = told.heldBy[j];
    LocalDate end = job.window().end();
    return switch (told.held[j]) {
      case FIRST_DAY, LEFT_OUT -> Reason.of("{} is the first day left", n.campaign.first());
      case WINDOW -> Reason.of("the window is not open before");
      case WAIT -> Reason.of("held back by {} days after its window opens", plan.wait[j]);
      case GIVEN -> Reason.of("given this day by hand");
      case BEFORE_UNDONE -> Reason.of("waits for {}", before(j, by));
      case LAG -> Reason.of("waits for {}, with its days between", job.after().get(by).words());
      case NOT_HAD -> Reason.of("the {} cannot be had the day before", machine);
      case MACHINE_HELD, MACHINE_FULL ->
          by < 0
              ? Reason.of("the {} is taken the day before", machine)
              : Reason.of("the {} is at {} the day before", machine, n.jobs.get(by).field());
      case NOT_FIT -> Reason.of("the day before has {} fit hours to count on", told.fitThen[j]);
      case DRIVER ->
          by < 0
              ? Reason.of("whoever may drive the {} is away the day before", machine)
              : Reason.of(
                  "whoever may drive the {} is at {} the day before",
                  machine,
                  n.jobs.get(by).field());
      case TRACTOR -> Reason.of("the tractor for the {} is at other work the day before", machine);
      case TOO_LITTLE_LEFT -> Reason.of("the {} has too little of the day before left", machine);
      case BEFORE_LOST -> Reason.of("waits for {}, which has no place yet", before(j, by));
      case LAG_OVER -> Reason.of("{} was over too long ago", before(j, by));
      case WINDOW_OVER -> Reason.of("its window is over on {}", end);
    };
  }

  /** The job before, in the words of the one that waits. */
  private String before(int j, int p) {
    for (int i = 0; i < n.before[j].length; i++) {
      if (n.before[j][i] == p) {
        return n.jobs.get(j).after().get(i).words();
      }
    }
    return "the job before";
  }
}
