package nimblefurrow.core.play;

import java.util.Arrays;

/**
 * How much of one day each machine, driver and tractor has spent, from 0 in the morning to 1 at
 * night, as a share of the fit hours of the work it does.
 */
final class Clocks {
  private static final int NONE = -1;

  private final Numbers n;
  private final double[] machine;
  private final double[] driver;
  private final double[] driven;
  private final double[] tractor;
  private final int[] lastOnMachine;
  private final int[] lastOfDriver;
  private final int[] lastOfTractor;

  /** When work could begin on the machine asked for last. */
  double start;

  /** Who would drive; −1 for a crew of its own. */
  int who;

  private int what;

  /** What it had to wait for, and the job that kept it from beginning in the morning; −1: none. */
  Held by;

  int blocker;

  Clocks(Numbers n) {
    this.n = n;
    machine = new double[n.machines.size()];
    lastOnMachine = new int[machine.length];
    driver = new double[n.drivers.size()];
    driven = new double[driver.length];
    lastOfDriver = new int[driver.length];
    tractor = new double[n.tractors.size()];
    lastOfTractor = new int[tractor.length];
  }

  /** All that can be had has its whole day. */
  void morning(int day) {
    for (int m = 0; m < machine.length; m++) {
      machine[m] = n.had[m][day] ? 0 : 1;
    }
    for (int w = 0; w < driver.length; w++) {
      driver[w] = n.away[w][day] ? 1 : 0;
    }
    Arrays.fill(driven, 0);
    Arrays.fill(tractor, 0);
    Arrays.fill(lastOnMachine, NONE);
    Arrays.fill(lastOfDriver, NONE);
    Arrays.fill(lastOfTractor, NONE);
  }

  boolean full(int m) {
    return machine[m] >= 1;
  }

  /** The job that a machine did last on this day. */
  int lastOn(int m) {
    return lastOnMachine[m];
  }

  /** The latest of the clocks of a machine and of whoever and whatever is free first for it. */
  void ask(int m) {
    who = earliest(n.driversOf[m], driver);
    what = earliest(n.tractorsOf[m], tractor);
    start = machine[m];
    by = Held.TOO_LITTLE_LEFT;
    blocker = lastOnMachine[m];
    if (who != NONE && driver[who] > start) {
      start = driver[who];
      by = Held.DRIVER;
      blocker = lastOfDriver[who];
    }
    if (what != NONE && tractor[what] > start) {
      start = tractor[what];
      by = Held.TRACTOR;
      blocker = lastOfTractor[what];
    }
  }

  /** Not before a job that was over only today. */
  void notBefore(double later, int job) {
    if (later > start) {
      start = later;
      by = Held.BEFORE_UNDONE;
      blocker = job;
    }
  }

  /** Hours after which the driver stops; no end for a crew of its own. */
  double longest() {
    return who == NONE ? Double.MAX_VALUE : n.longestDay[who];
  }

  /**
   * Spends the day up to an hour on a job.
   *
   * @return what the driver's overtime costs
   */
  double take(int job, int m, double end, double hours) {
    machine[m] = end;
    lastOnMachine[m] = job;
    if (what != NONE) {
      tractor[what] = end;
      lastOfTractor[what] = job;
    }
    if (who == NONE) {
      return 0;
    }
    double usual = n.usualDay[who];
    double over = Math.max(0, driven[who] - usual);
    driven[who] += hours;
    driver[who] = end;
    lastOfDriver[who] = job;
    return (Math.max(0, driven[who] - usual) - over) * n.overtime[who];
  }

  private static int earliest(int[] of, double[] clock) {
    int best = NONE;
    for (int one : of) {
      if (best == NONE || clock[one] < clock[best]) {
        best = one;
      }
    }
    return best;
  }
}
