package nimblefurrow.core.play;

import java.util.Arrays;
import java.util.List;

/**
 * Plays plans that differ little from one that is kept: a year is played from the last morning on
 * which both still stand alike, and only until they stand alike again. What it tells is what {@link
 * Evaluator#score} tells, to the cent. For one thread; it looks for no plan itself.
 */
public final class Rehearsal {
  /** Mornings are remembered every so many days, or less often where they would fill the memory. */
  private static final int OFTEN = 6;

  private static final long MOST_BYTES = 64L << 20;

  private final Numbers n;
  private final List<YearNumbers> years;
  private final OnePlay play;
  private final int every;
  private final int mornings;
  private Draft kept;

  /** How each year stands under the kept plan, by morning; the last is the end. */
  private final Morning[][] was;

  /** The same under the plan that is tried, from where it was played. */
  private final Morning[][] is;

  private final double[] loss;
  private final double[] triedLoss;

  /** The morning from which a year was played anew, and the one from which all is as before. */
  private final int[] from;

  private final int[] until;
  private final boolean[] moves;

  Rehearsal(Numbers n, List<YearNumbers> years) {
    this.n = n;
    this.years = years;
    this.play = new OnePlay(n);
    long all = Math.max(1, MOST_BYTES / (2L * years.size() * Morning.bytes(n)));
    this.every = (int) Math.max(OFTEN, (n.days + all - 1) / all);
    this.mornings = (n.days + every - 1) / every;
    this.was = new Morning[years.size()][mornings + 1];
    this.is = new Morning[years.size()][mornings + 1];
    for (int y = 0; y < was.length; y++) {
      for (int k = 0; k <= mornings; k++) {
        was[y][k] = new Morning(n);
        is[y][k] = new Morning(n);
      }
    }
    this.loss = new double[years.size()];
    this.triedLoss = new double[years.size()];
    this.from = new int[years.size()];
    this.until = new int[years.size()];
    this.moves = new boolean[n.jobs.size()];
  }

  /** A plan as numbers. */
  public Draft draft(Plan plan) {
    return new Draft(n, plan);
  }

  /** How many years it plays. */
  public int years() {
    return years.size();
  }

  /**
   * Plays a plan through all years and keeps it.
   *
   * @return its mean loss, dollars
   */
  public double keep(Draft draft) {
    kept = draft.copy();
    for (int y = 0; y < was.length; y++) {
      was[y][0].first(n, kept);
      play.now.become(was[y][0]);
      play.ready(years.get(y), kept, 0);
      for (int k = 0; k < mornings; k++) {
        play.play(k * every, Math.min(n.days, (k + 1) * every));
        was[y][k + 1].become(play.now);
      }
      loss[y] = play.now.lossAtEnd(n, kept);
    }
    return mean();
  }

  /** What the kept plan loses in a year, dollars. */
  public double loss(int year) {
    return loss[year];
  }

  /** What the kept plan loses in the mean of the years, dollars. */
  public double mean() {
    return Arrays.stream(loss).average().orElseThrow();
  }

  /** What a job of the kept plan loses in the mean of the years, about, dollars. */
  public double lossOf(int job) {
    double sum = 0;
    for (int y = 0; y < was.length; y++) {
      Morning end = was[y][mornings];
      double undone = end.undone(n, kept, job);
      double done = n.acres[job] - undone;
      sum += undone * n.lost[job];
      sum += done > 0 ? done * n.cost(job, end.last[job] - years.get(y).late[job]) : 0;
    }
    return sum / was.length;
  }

  /**
   * What another plan loses in a year.
   *
   * @param tried differs from the kept one in the turns of the moved jobs only: the order of the
   *     others among themselves, their machines and their waits are the same
   * @param moved jobs; the first {@code count} of them
   */
  public double loss(Draft tried, int[] moved, int count, int year) {
    int k = Math.min(mornings, firstAsked(tried, moved, count, year) / every);
    Morning now = play.now;
    now.become(was[year][k]);
    askedAnew(now, tried, moved, count);
    play.ready(years.get(year), tried, k * every);
    from[year] = k;
    until[year] = mornings;
    for (; k < mornings; k++) {
      play.play(k * every, Math.min(n.days, (k + 1) * every));
      if (k + 1 < mornings && settled(tried, moved, count) && now.goesOnLike(n, was[year][k + 1])) {
        until[year] = k + 1;
        triedLoss[year] =
            was[year][mornings].lossAtEnd(n, tried) + now.loss - was[year][k + 1].loss;
        is[year][k + 1].become(now);
        return triedLoss[year];
      }
      is[year][k + 1].become(now);
    }
    triedLoss[year] = now.lossAtEnd(n, tried);
    return triedLoss[year];
  }

  /** Keeps the plan that was tried last, after every year was asked. */
  public void accept(Draft tried, int[] moved, int count) {
    for (int y = 0; y < was.length; y++) {
      for (int k = 0; k <= from[y]; k++) {
        askedAnew(was[y][k], tried, moved, count);
      }
      Morning alike = until[y] < mornings ? is[y][until[y]] : null;
      for (int k = until[y] + 1; k <= mornings; k++) {
        was[y][k].follow(alike, was[y][until[y]].loss);
      }
      for (int k = from[y] + 1; k <= until[y]; k++) {
        Morning other = was[y][k];
        was[y][k] = is[y][k];
        is[y][k] = other;
      }
      loss[y] = triedLoss[y];
    }
    kept.become(tried);
  }

  private void askedAnew(Morning at, Draft tried, int[] moved, int count) {
    for (int i = 0; i < count; i++) {
      int j = moved[i];
      if (at.state[j] == Morning.WAITING || at.state[j] == Morning.OUT) {
        at.asked(n, tried, j);
      }
    }
  }

  /** Whether the moved jobs are over, so that their turns no longer matter. */
  private boolean settled(Draft tried, int[] moved, int count) {
    for (int i = 0; i < count; i++) {
      int j = moved[i];
      byte state = play.now.state[j];
      boolean lost = state == Morning.OUT && tried.machine[j] == kept.machine[j];
      if (state != Morning.DONE && !lost) {
        return false;
      }
    }
    return true;
  }

  /** The first day on which the turn of any moved job could matter. */
  private int firstAsked(Draft tried, int[] moved, int count, int year) {
    for (int i = 0; i < count; i++) {
      moves[moved[i]] = true;
    }
    int first = Numbers.NEVER;
    for (int i = 0; i < count; i++) {
      first = Math.min(first, firstAsked(tried, moved[i], year));
    }
    for (int i = 0; i < count; i++) {
      moves[moved[i]] = false;
    }
    return Math.max(0, first);
  }

  private int firstAsked(Draft tried, int j, int year) {
    int day =
        tried.rank[j] > 0
            ? tried.given[j]
            : years.get(year).opens[j] + Math.min(kept.wait[j], tried.wait[j]);
    Morning end = was[year][mornings];
    for (int i = 0; i < n.before[j].length; i++) {
      int p = n.before[j][i];
      if (p < 0) {
        day = Math.max(day, n.doneBefore[j][i]);
      } else if (!moves[p]) {
        int ended = end.state[p] == Morning.DONE ? end.last[p] + n.least[j][i] : Numbers.NEVER;
        day = Math.max(day, ended);
      }
    }
    return day;
  }
}
