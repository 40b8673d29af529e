package nimblefurrow.core.play;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.yard.Machine;

/**
 * What it would cost to do a job elsewhere: on another machine, before or after its neighbours on
 * its own, or held back longer. Each is played through the same years as the plan itself; nothing
 * is estimated. It does not say that a place is forbidden: such a one just costs a lot.
 *
 * @param machine the machine, by id; empty: left out
 * @param rise dollars a year that the whole plan loses more; below 0 where it loses less
 * @param payers jobs that lose most by it, the dearest first, the job itself among them
 */
public record Elsewhere(How how, Optional<String> machine, Money rise, List<Payer> payers) {
  /** In what the place differs. */
  public enum How {
    MACHINE,
    LEFT_OUT,
    FIRST,
    ONE_EARLIER,
    ONE_LATER,
    THREE_DAYS_LATER
  }

  /** A job that loses by it, dollars a year. */
  public record Payer(JobId job, Money rise) {}

  private static final int FEW = 3;
  private static final int DAYS = 3;
  private static final double NOTHING = 0.5;
  private static final int MOST_WAIT = 400;

  public Elsewhere {
    payers = List.copyOf(payers);
  }

  /** The places of a job that can be told, what costs least first. */
  public static List<Elsewhere> of(Campaign campaign, Plan plan, Evaluator evaluator, JobId jobId) {
    Job job = campaign.byId().get(jobId);
    int at = place(plan, jobId);
    if (job == null || at < 0 || job.begunOn().isPresent()) {
      return List.of();
    }
    double[] was = losses(evaluator, plan, campaign);
    double loss = evaluator.score(plan).mean().value();
    List<Elsewhere> all = new ArrayList<>();
    Turn turn = plan.turns().get(at);
    for (Machine machine : campaign.able(job)) {
      if (!turn.machine().equals(Optional.of(machine.id()))) {
        Turn there = on(turn, Optional.of(machine.id()));
        all.add(told(campaign, evaluator, How.MACHINE, put(plan, at, at, there), at, was, loss));
      }
    }
    boolean hired = campaign.able(job).stream().allMatch(m -> m.hire().isPresent());
    if (turn.machine().isPresent()) {
      if (hired) {
        Plan out = put(plan, at, at, on(turn, Optional.empty()));
        all.add(told(campaign, evaluator, How.LEFT_OUT, out, at, was, loss));
      }
      List<Integer> same = list(plan, turn.machine().get());
      int mine = same.indexOf(at);
      if (mine > 1) {
        Plan first = put(plan, at, same.get(0), turn);
        all.add(told(campaign, evaluator, How.FIRST, first, same.get(0), was, loss));
      }
      if (mine > 0) {
        int to = same.get(mine - 1);
        Plan earlier = put(plan, at, to, turn);
        all.add(told(campaign, evaluator, How.ONE_EARLIER, earlier, to, was, loss));
      }
      if (mine + 1 < same.size()) {
        int to = same.get(mine + 1);
        Plan later = put(plan, at, to, turn);
        all.add(told(campaign, evaluator, How.ONE_LATER, later, to, was, loss));
      }
      Turn held = turn.waiting(Math.min(MOST_WAIT, turn.waitDays() + DAYS));
      Plan waits = put(plan, at, at, held);
      all.add(told(campaign, evaluator, How.THREE_DAYS_LATER, waits, at, was, loss));
    }
    all.sort(Comparator.comparingDouble(e -> e.rise().value()));
    return all;
  }

  private static Turn on(Turn turn, Optional<String> machine) {
    return new Turn(turn.job(), machine, turn.waitDays(), turn.given(), turn.firm());
  }

  private static int place(Plan plan, JobId job) {
    for (int i = 0; i < plan.turns().size(); i++) {
      if (plan.turns().get(i).job().equals(job)) {
        return i;
      }
    }
    return -1;
  }

  /** Places in the plan of the jobs of one machine. */
  private static List<Integer> list(Plan plan, String machine) {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < plan.turns().size(); i++) {
      if (plan.turns().get(i).machine().equals(Optional.of(machine))) {
        all.add(i);
      }
    }
    return all;
  }

  private static Plan put(Plan plan, int from, int to, Turn turn) {
    List<Turn> turns = new ArrayList<>(plan.turns());
    turns.remove(from);
    turns.add(to, turn);
    return new Plan(turns);
  }

  private static Elsewhere told(
      Campaign campaign,
      Evaluator evaluator,
      How how,
      Plan there,
      int at,
      double[] was,
      double loss) {
    double[] is = losses(evaluator, there, campaign);
    List<Payer> payers = new ArrayList<>();
    for (int j = 0; j < is.length; j++) {
      if (is[j] - was[j] > NOTHING) {
        payers.add(new Payer(campaign.jobs().get(j).id(), Money.of(is[j] - was[j])));
      }
    }
    payers.sort(Comparator.comparingDouble((Payer p) -> p.rise().value()).reversed());
    return new Elsewhere(
        how,
        there.turns().get(at).machine(),
        Money.of(evaluator.score(there).mean().value() - loss),
        payers.stream().limit(FEW).toList());
  }

  private static double[] losses(Evaluator evaluator, Plan plan, Campaign campaign) {
    Rehearsal rehearsal = evaluator.rehearse();
    rehearsal.keep(rehearsal.draft(plan));
    double[] all = new double[campaign.jobs().size()];
    for (int j = 0; j < all.length; j++) {
      all[j] = rehearsal.lossOf(j);
    }
    return all;
  }
}
