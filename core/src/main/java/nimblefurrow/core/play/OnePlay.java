package nimblefurrow.core.play;

import java.util.Arrays;

/**
 * A plan played through one year, day by day, as a crew would work it: begun jobs first, then those
 * in the plan's order, each asked once a day. Every morning each machine, driver and tractor has
 * its whole day, counted as a share of the fit hours of the work it does. It plays again and again
 * without a new one being made, from the first morning or from any other.
 */
final class OnePlay {
  private static final int NONE = -1;
  private static final double DONE_HOURS = 1e-7;
  private static final double NOTHING = 1e-9;

  private final Numbers n;
  private final Clocks clocks;

  /** Clock at which a job was over, on its last day. */
  private final double[] endClock;

  /** Jobs that wait, in the plan's order. */
  private final int[] waiting;

  private int waitingCount;

  /**
   * Jobs by the day on which they are asked first: the first of each day, and the one after each.
   */
  private final int[] opening;

  private final int[] next;

  /** Where each job stands in the plan's order. */
  private final int[] place;

  private final int[] turn;
  private YearNumbers year;
  private Draft plan;

  /** Where the play stands: the morning before the first day that was not played yet. */
  final Morning now;

  /** Who is told of each day; null where only the loss counts. */
  private Told told;

  /** Whether what cannot be finished is not begun; only where the year is known beforehand. */
  private boolean foresees;

  OnePlay(Numbers n) {
    this.n = n;
    clocks = new Clocks(n);
    now = new Morning(n);
    endClock = new double[n.jobs.size()];
    waiting = new int[n.jobs.size()];
    opening = new int[n.days];
    next = new int[waiting.length];
    place = new int[waiting.length];
    turn = new int[n.jobs.size()];
  }

  /** All days of a year from the first morning, every step told. */
  Told told(YearNumbers in, Draft of, boolean foreseeing) {
    now.first(n, of);
    told = new Told(n, of);
    foresees = foreseeing;
    ready(in, of, 0);
    play(0, n.days);
    Told all = told;
    told = null;
    foresees = false;
    return all;
  }

  /** All days of a year from the first morning, for what they lose. */
  double loss(YearNumbers in, Draft of) {
    now.first(n, of);
    ready(in, of, 0);
    play(0, n.days);
    return now.lossAtEnd(n, of);
  }

  /** Makes ready to go on from {@link #now}, the morning of a day, by a plan in a year. */
  void ready(YearNumbers in, Draft of, int day) {
    year = in;
    plan = of;
    waitingCount = 0;
    Arrays.fill(opening, NONE);
    boolean all = told != null || of.highest > 0;
    for (int i = of.order.length - 1; i >= 0; i--) {
      int j = of.order[i];
      place[j] = i;
      if (now.state[j] == Morning.WAITING && !all) {
        int first = Math.max(day, in.opens[j] + of.wait[j]);
        if (first < n.days) {
          next[j] = opening[first];
          opening[first] = j;
        }
      }
    }
    for (int i = 0; i < of.order.length && all; i++) {
      if (now.state[of.order[i]] == Morning.WAITING) {
        waiting[waitingCount++] = of.order[i];
      }
    }
  }

  /** Plays some days, the last of them not counted. */
  void play(int from, int to) {
    for (int day = from; day < to; day++) {
      if (plan.highest > 0) {
        clocks.morning(day);
        byRank(day);
      } else if (told != null) {
        clocks.morning(day);
        inOrder(day);
      } else {
        opened(day);
        if (year.anyFit[day]) {
          clocks.morning(day);
          quickly(day);
        }
      }
    }
  }

  /** What is begun is asked before all that waits. */
  private void begunFirst(int day) {
    int count = now.begunCount;
    System.arraycopy(now.begun, 0, turn, 0, count);
    for (int i = 0; i < count; i++) {
      ask(turn[i], day);
    }
  }

  private void inOrder(int day) {
    begunFirst(day);
    int still = 0;
    for (int i = 0; i < waitingCount; i++) {
      int j = waiting[i];
      ask(j, day);
      waiting[still] = j;
      still += now.state[j] == Morning.WAITING ? 1 : 0;
    }
    waitingCount = still;
  }

  /**
   * The same where nobody is told why: what rules most jobs out on most days is asked first. That a
   * job is lost may be noticed later so; nothing hangs on it.
   */
  private void quickly(int day) {
    begunFirst(day);
    int still = 0;
    for (int i = 0; i < waitingCount; i++) {
      int j = waiting[i];
      int m = plan.machine[j];
      if (now.holder[m] == NONE && !clocks.full(m) && year.fit[j][m][day] >= n.leastFit) {
        ask(j, day);
      }
      if (day < year.closes[j] && now.state[j] == Morning.WAITING) {
        waiting[still++] = j;
      }
    }
    waitingCount = still;
  }

  /** Jobs that are asked from a day on take their place among those that wait. */
  private void opened(int day) {
    for (int j = opening[day]; j != NONE; j = next[j]) {
      int i = waitingCount++;
      while (i > 0 && place[waiting[i - 1]] > place[j]) {
        waiting[i] = waiting[i - 1];
        i--;
      }
      waiting[i] = j;
    }
  }

  /**
   * Whose turn it is where days are given: what is begun, then the plan's order; but a job to which
   * a person has given this day goes before what the plan alone has begun, and one given firmly
   * before all.
   */
  private void byRank(int day) {
    int count = 0;
    for (int rank = plan.highest; rank >= 0; rank--) {
      for (int i = 0; i < now.begunCount; i++) {
        if (plan.rank[now.begun[i]] == rank) {
          turn[count++] = now.begun[i];
        }
      }
      for (int i = 0; i < waitingCount; i++) {
        int j = waiting[i];
        if (now.state[j] == Morning.WAITING && rankOn(j, day) == rank) {
          turn[count++] = j;
        }
      }
    }
    for (int i = 0; i < count; i++) {
      if (now.state[turn[i]] <= Morning.BEGUN) {
        ask(turn[i], day);
      }
    }
  }

  /** A job that waits is asked as what it is from its given day on, before as any other. */
  private int rankOn(int j, int day) {
    return plan.given[j] <= day ? plan.rank[j] : 0;
  }

  private void ask(int j, int day) {
    int m = plan.machine[j];
    boolean given = plan.given[j] != Numbers.NEVER;
    int closes = given ? Numbers.NEVER : year.closes[j];
    if (now.state[j] == Morning.WAITING && !ready(j, day, closes)) {
      return;
    }
    if (day > closes) {
      end(j, m);
      return;
    }
    if (foresees && !given && now.state[j] == Morning.WAITING && inVain(j, m, day, closes)) {
      out(j, Held.TOO_LITTLE_LEFT, NONE);
      return;
    }
    int holds = now.holder[m];
    if (holds != NONE && holds != j && plan.rank[holds] >= plan.rank[j]) {
      blocked(j, Held.MACHINE_HELD, holds);
    } else if (clocks.full(m)) {
      blocked(j, n.had[m][day] ? Held.MACHINE_FULL : Held.NOT_HAD, clocks.lastOn(m));
    } else {
      work(j, m, day);
    }
  }

  /** Whether what a waiting job waits for is over and its day has come. */
  private boolean ready(int j, int day, int closes) {
    boolean given = plan.given[j] != Numbers.NEVER;
    int opens = given ? plan.given[j] : year.opens[j] + plan.wait[j];
    Held why = given ? Held.GIVEN : day < year.opens[j] ? Held.WINDOW : Held.WAIT;
    int by = NONE;
    int[] before = n.before[j];
    for (int i = 0; i < before.length; i++) {
      int p = before[i];
      if (p == NONE && n.doneBefore[j][i] == Numbers.NEVER
          || p != NONE && now.state[p] == Morning.OUT) {
        lost(j, p);
        return false;
      }
      if (p != NONE && now.state[p] != Morning.DONE) {
        if (day > closes) {
          out(j, Held.WINDOW_OVER, NONE);
        } else {
          blocked(j, Held.BEFORE_UNDONE, p);
        }
        return false;
      }
      int ended = p == NONE ? n.doneBefore[j][i] : now.last[p];
      if (day > ended + n.most[j][i]) {
        out(j, Held.LAG_OVER, p);
        return false;
      }
      if (ended + n.least[j][i] > opens) {
        opens = ended + n.least[j][i];
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
    return year.hours(j, m, day, closes) < now.left[j] - DONE_HOURS;
  }

  private void work(int j, int m, int day) {
    double fit = year.fit[j][m][day];
    if (told != null) {
      told.fitThen[j] = fit;
    }
    if (fit < n.leastFit) {
      blocked(j, Held.NOT_FIT, NONE);
      return;
    }
    clocks.ask(m);
    for (int p : n.before[j]) {
      if (p != NONE && now.last[p] == day && now.state[p] == Morning.DONE) {
        clocks.notBefore(endClock[p], p);
      }
    }
    fit = Math.min(fit, clocks.longest());
    boolean begins = now.state[j] == Morning.WAITING;
    double move = begins ? n.road[now.at[m]][n.siteOfJob[j]] : 0;
    double from = clocks.start + move / n.roadDay;
    double left = now.left[j];
    double hours = Math.min(left, (1 - from) * fit);
    if (hours < Math.min(n.leastSpell, left) || hours <= NOTHING) {
      blocked(j, clocks.by, clocks.blocker);
      return;
    }
    if (begins) {
      now.state[j] = Morning.BEGUN;
      now.begun[now.begunCount++] = j;
    }
    now.holder[m] = j;
    now.loss += move * n.roadPrice;
    now.at[m] = n.siteOfJob[j];
    double acres = hours / n.hours[j][m] * n.acres[j];
    now.loss += acres * cost(j, day);
    now.left[j] = left - hours;
    now.last[j] = day;
    now.rigAcres[m] += acres;
    if (told != null) {
      told.spells.get(j).add(new Told.Spell(day, clocks.who, hours, acres, move, from));
    }
    double end = from + hours / fit;
    now.loss += clocks.take(j, m, end, hours);
    if (now.left[j] < DONE_HOURS) {
      now.state[j] = Morning.DONE;
      now.left[j] = 0;
      endClock[j] = end;
      now.over(j);
      now.holder[m] = NONE;
    }
  }

  /** What an acre costs on a day; one done before its window opens is as good as never done. */
  private double cost(int j, int day) {
    boolean early = plan.given[j] != Numbers.NEVER && day < year.opens[j];
    return early ? n.lost[j] : n.cost(j, day - year.late[j]);
  }

  /** The window of a job is over. */
  private void end(int j, int m) {
    if (now.state[j] == Morning.BEGUN) {
      now.over(j);
      if (now.holder[m] == j) {
        now.holder[m] = NONE;
      }
      now.state[j] = Morning.OUT;
    } else {
      out(j, Held.WINDOW_OVER, NONE);
    }
  }

  /** What it waits for is lost: nothing hangs on the day on which this is noticed. */
  private void lost(int j, int p) {
    if (told != null) {
      out(j, Held.BEFORE_LOST, p);
    }
  }

  private void out(int j, Held why, int by) {
    now.state[j] = Morning.OUT;
    if (told != null) {
      told.out(j, why, by);
    }
  }

  private void blocked(int j, Held why, int by) {
    if (told != null && now.state[j] == Morning.WAITING) {
      told.blocked(j, why, by);
    }
  }
}
