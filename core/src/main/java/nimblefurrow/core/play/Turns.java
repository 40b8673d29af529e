package nimblefurrow.core.play;

import java.util.Arrays;

/**
 * Whose turn it is on a day of a play: what is begun, then what waits, in the plan's order. It asks
 * the play for each; the play tells it nothing but how the jobs stand.
 */
final class Turns {
  private static final int NONE = -1;

  private final OnePlay play;

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

  Turns(Numbers n, OnePlay play) {
    this.play = play;
    waiting = new int[n.jobs.size()];
    opening = new int[n.days];
    next = new int[waiting.length];
    place = new int[waiting.length];
    turn = new int[waiting.length];
  }

  /**
   * Makes ready to go on from the morning of a day.
   *
   * @param told whether every job is asked every day, also before its window opens
   */
  void ready(YearNumbers in, Draft of, int day, boolean told) {
    year = in;
    plan = of;
    waitingCount = 0;
    Arrays.fill(opening, NONE);
    boolean all = told || of.highest > 0;
    for (int i = of.order.length - 1; i >= 0; i--) {
      int j = of.order[i];
      place[j] = i;
      if (play.now.state[j] == Morning.WAITING && !all) {
        int first = Math.max(day, in.opens[j] + of.wait[j]);
        if (first < opening.length) {
          next[j] = opening[first];
          opening[first] = j;
        }
      }
    }
    for (int i = 0; i < of.order.length && all; i++) {
      if (play.now.state[of.order[i]] == Morning.WAITING) {
        waiting[waitingCount++] = of.order[i];
      }
    }
  }

  /** What is begun is asked before all that waits. */
  private void begunFirst(int day) {
    int count = play.now.begunCount;
    System.arraycopy(play.now.begun, 0, turn, 0, count);
    for (int i = 0; i < count; i++) {
      play.ask(turn[i], day);
    }
  }

  void inOrder(int day) {
    begunFirst(day);
    int still = 0;
    for (int i = 0; i < waitingCount; i++) {
      int j = waiting[i];
      play.ask(j, day);
      waiting[still] = j;
      still += play.now.state[j] == Morning.WAITING ? 1 : 0;
    }
    waitingCount = still;
  }

  /**
   * The same where nobody is told why: what rules most jobs out on most days is asked first. That a
   * job is lost may be noticed later so; nothing hangs on it.
   */
  void quickly(int day) {
    begunFirst(day);
    int still = 0;
    for (int i = 0; i < waitingCount; i++) {
      int j = waiting[i];
      if (play.mayWork(j, day)) {
        play.ask(j, day);
      }
      if (day < year.closes[j] && play.now.state[j] == Morning.WAITING) {
        waiting[still++] = j;
      }
    }
    waitingCount = still;
  }

  /** Jobs that are asked from a day on take their place among those that wait. */
  void opened(int day) {
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
  void byRank(int day) {
    int count = 0;
    for (int rank = plan.highest; rank >= 0; rank--) {
      for (int i = 0; i < play.now.begunCount; i++) {
        if (plan.rank[play.now.begun[i]] == rank) {
          turn[count++] = play.now.begun[i];
        }
      }
      for (int i = 0; i < waitingCount; i++) {
        int j = waiting[i];
        if (play.now.state[j] == Morning.WAITING && rankOn(j, day) == rank) {
          turn[count++] = j;
        }
      }
    }
    for (int i = 0; i < count; i++) {
      if (play.now.state[turn[i]] <= Morning.BEGUN) {
        play.ask(turn[i], day);
      }
    }
  }

  /** A job that waits is asked as what it is from its given day on, before as any other. */
  private int rankOn(int j, int day) {
    return plan.given[j] <= day ? plan.rank[j] : 0;
  }
}
