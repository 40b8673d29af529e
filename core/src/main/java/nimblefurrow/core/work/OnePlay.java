package nimblefurrow.core.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A plan played through one year, day by day, as a crew would work it: begun jobs first, then those
 * in the plan's order, each asked once a day. Every morning each machine, driver and tractor has
 * its whole day, counted as a share of the fit hours of the work it does.
 */
final class OnePlay {
  enum State {
    WAITING,
    BEGUN,
    DONE,
    OUT
  }

  /** Work of a job on one day. */
  record Spell(int day, int driver, double hours, double acres) {}

  private static final int NONE = -1;
  private static final double DONE_HOURS = 1e-7;
  private static final double NOTHING = 1e-9;

  private final Numbers n;
  private final YearNumbers year;
  private final PlanNumbers plan;
  final State[] state;
  final double[] doneAcres;
  final List<List<Spell>> spells = new ArrayList<>();

  /** What held each job on the last day on which it did not begin, and which job did, if any. */
  final Held[] held;

  final int[] heldBy;
  final double[] fitThen;
  private final double[] left;
  private final int[] last;
  private final double[] endClock;
  private final int[] holder;
  private final int[] at;
  private final double[] rigAcres;
  private final Clocks clocks;
  private final List<Integer> begun = new ArrayList<>();
  private double loss;

  /** Whether what cannot be finished is not begun; only where the year is known beforehand. */
  private final boolean foresees;

  OnePlay(Numbers n, YearNumbers year, PlanNumbers plan) {
    this(n, year, plan, false);
  }

  OnePlay(Numbers n, YearNumbers year, PlanNumbers plan, boolean foresees) {
    this.foresees = foresees;
    this.n = n;
    this.year = year;
    this.plan = plan;
    int jobs = n.jobs.size();
    int machines = n.machines.size();
    state = new State[jobs];
    held = new Held[jobs];
    heldBy = filled(jobs, NONE);
    fitThen = new double[jobs];
    doneAcres = new double[jobs];
    left = new double[jobs];
    last = new int[jobs];
    endClock = new double[jobs];
    holder = filled(machines, NONE);
    at = n.siteOfMachine.clone();
    rigAcres = new double[machines];
    clocks = new Clocks(n);
    for (int j = 0; j < jobs; j++) {
      boolean out = plan.machine[j] == PlanNumbers.OUT;
      state[j] = out ? State.OUT : State.WAITING;
      held[j] = out ? Held.LEFT_OUT : Held.FIRST_DAY;
      left[j] = out ? 0 : n.hours[j][plan.machine[j]];
      spells.add(new ArrayList<>(2));
    }
  }

  /** Plays all days. */
  OnePlay played() {
    for (int day = 0; day < n.days; day++) {
      clocks.morning(day);
      for (int job : asked(day)) {
        if (state[job] == State.WAITING || state[job] == State.BEGUN) {
          ask(job, day);
        }
      }
    }
    return this;
  }

  /** Dollars lost in this year. */
  double loss() {
    double all = loss;
    boolean[] called = new boolean[n.machines.size()];
    for (int j = 0; j < state.length; j++) {
      all += (n.jobs.get(j).area().acres() - doneAcres[j]) * n.jobs.get(j).value().lost().value();
      if (plan.machine[j] != PlanNumbers.OUT) {
        called[plan.machine[j]] = true;
      }
    }
    for (int m = 0; m < called.length; m++) {
      if (called[m] && n.machines.get(m).hire().isPresent()) {
        all += n.machines.get(m).hire().get().bill(rigAcres[m]).value();
      }
    }
    return all;
  }

  /**
   * Whose turn it is: what is begun, then the plan's order; but a job to which a person has given
   * this day goes before what the plan alone has begun, and one given firmly before all.
   */
  private List<Integer> asked(int day) {
    List<Integer> turns = new ArrayList<>();
    for (int rank = plan.highest; rank >= 0; rank--) {
      for (int j : begun) {
        if (plan.rank[j] == rank) {
          turns.add(j);
        }
      }
      for (int j : plan.order) {
        if (state[j] == State.WAITING && rankOn(j, day) == rank) {
          turns.add(j);
        }
      }
    }
    return turns;
  }

  /** A job that waits is asked as what it is from its given day on, before as any other. */
  private int rankOn(int j, int day) {
    return plan.given[j] <= day ? plan.rank[j] : 0;
  }

  private void ask(int j, int day) {
    int m = plan.machine[j];
    boolean given = plan.given[j] != Numbers.NEVER;
    int closes = given ? Numbers.NEVER : year.closes[j];
    if (state[j] == State.WAITING && !ready(j, day, closes)) {
      return;
    }
    if (day > closes) {
      end(j, m, Held.WINDOW_OVER);
      return;
    }
    if (foresees && !given && state[j] == State.WAITING && inVain(j, m, day, closes)) {
      out(j, Held.TOO_LITTLE_LEFT, NONE);
      return;
    }
    int holds = holder[m];
    if (holds != NONE && holds != j && plan.rank[holds] >= plan.rank[j]) {
      blocked(j, Held.MACHINE_HELD, holds);
    } else if (clocks.full(m)) {
      boolean had = n.machines.get(m).hadOn(n.date(day), day);
      blocked(j, had ? Held.MACHINE_FULL : Held.NOT_HAD, clocks.lastOn(m));
    } else {
      work(j, m, day);
    }
  }

  /** Whether what a waiting job waits for is over and its day has come. */
  private boolean ready(int j, int day, int closes) {
    int opens = plan.given[j] == Numbers.NEVER ? year.opens[j] + plan.wait[j] : plan.given[j];
    Held why =
        plan.given[j] != Numbers.NEVER ? Held.GIVEN : day < year.opens[j] ? Held.WINDOW : Held.WAIT;
    int by = NONE;
    for (int i = 0; i < n.before[j].length; i++) {
      int p = n.before[j][i];
      After after = n.jobs.get(j).after().get(i);
      if (p == NONE && n.doneBefore[j][i] == Numbers.NEVER || p != NONE && state[p] == State.OUT) {
        out(j, Held.BEFORE_LOST, p);
        return false;
      }
      if (p != NONE && state[p] != State.DONE) {
        if (day > closes) {
          out(j, Held.WINDOW_OVER, NONE);
        } else {
          blocked(j, Held.BEFORE_UNDONE, p);
        }
        return false;
      }
      int ended = p == NONE ? n.doneBefore[j][i] : last[p];
      if (day > ended + after.mostDays()) {
        out(j, Held.LAG_OVER, p);
        return false;
      }
      if (ended + after.leastDays() > opens) {
        opens = ended + after.leastDays();
        why = Held.LAG;
        by = i;
      }
    }
    if (day <= closes && day < opens) {
      blocked(j, why, by);
      return false;
    }
    return true;
  }

  /** Whether a job cannot be done in what is left of its window, even with all of every day. */
  private boolean inVain(int j, int m, int day, int closes) {
    return year.hours(j, m, day, closes) < left[j] - DONE_HOURS;
  }

  private void work(int j, int m, int day) {
    double fit = year.fit[j][m][day];
    fitThen[j] = fit;
    if (fit < n.leastFit) {
      blocked(j, Held.NOT_FIT, NONE);
      return;
    }
    Clocks.Start start = clocks.start(m);
    for (int p : n.before[j]) {
      if (p != NONE && last[p] == day) {
        start = start.notBefore(endClock[p], p);
      }
    }
    fit = Math.min(fit, clocks.longest(start));
    double move = state[j] == State.WAITING ? n.road[at[m]][n.siteOfJob[j]] : 0;
    double from = start.clock() + move / n.roadDay;
    double hours = Math.min(left[j], (1 - from) * fit);
    if (hours < Math.min(n.leastSpell, left[j]) || hours <= NOTHING) {
      blocked(j, start.by(), start.blocker());
      return;
    }
    if (state[j] == State.WAITING) {
      state[j] = State.BEGUN;
      begun.add(j);
    }
    holder[m] = j;
    loss += move * n.campaign.roads().perHour().value();
    at[m] = n.siteOfJob[j];
    double acres = hours / n.hours[j][m] * n.jobs.get(j).area().acres();
    doneAcres[j] += acres;
    loss += acres * year.cost[j][day];
    left[j] -= hours;
    last[j] = day;
    rigAcres[m] += acres;
    spells.get(j).add(new Spell(day, start.driver(), hours, acres));
    double end = from + hours / fit;
    loss += clocks.take(j, m, start, end, hours);
    if (left[j] < DONE_HOURS) {
      state[j] = State.DONE;
      doneAcres[j] = n.jobs.get(j).area().acres();
      endClock[j] = end;
      begun.remove((Integer) j);
      holder[m] = NONE;
    }
  }

  private void end(int j, int m, Held why) {
    if (state[j] == State.BEGUN) {
      begun.remove((Integer) j);
      if (holder[m] == j) {
        holder[m] = NONE;
      }
      state[j] = State.OUT;
    } else {
      out(j, why, NONE);
    }
  }

  private void out(int j, Held why, int by) {
    state[j] = State.OUT;
    if (held[j] == Held.FIRST_DAY || why != Held.WINDOW_OVER) {
      held[j] = why;
      heldBy[j] = by;
    }
  }

  private void blocked(int j, Held why, int by) {
    if (state[j] == State.WAITING) {
      held[j] = why;
      heldBy[j] = by;
    }
  }

  private static int[] filled(int length, int with) {
    int[] all = new int[length];
    Arrays.fill(all, with);
    return all;
  }
}
