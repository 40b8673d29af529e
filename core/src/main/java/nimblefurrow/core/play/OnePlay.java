package nimblefurrow.core.play;

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

  private final Turns turns;
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
    turns = new Turns(n, this);
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
    turns.ready(in, of, day, told != null);
  }

  /** Plays some days, the last of them not counted. */
  void play(int from, int to) {
    for (int day = from; day < to; day++) {
      if (plan.highest > 0) {
        clocks.morning(day);
        turns.byRank(day);
      } else if (told != null) {
        clocks.morning(day);
        turns.inOrder(day);
      } else {
        turns.opened(day);
        if (year.anyFit[day]) {
          clocks.morning(day);
          turns.quickly(day);
        }
      }
    }
  }

  /** Whether nothing rules out on a day, before all is asked, that a job is worked on. */
  boolean mayWork(int j, int day) {
    int m = plan.machine[j];
    return now.holder[m] == NONE && !clocks.full(m) && year.fit[j][m][day] >= n.leastFit;
  }

  /** Asks a job whether it can be worked on, and works on it. */
  void ask(int j, int day) {
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
