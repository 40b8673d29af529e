package nimblefurrow.core.work;

import java.util.Arrays;
import nimblefurrow.core.quantity.Durations;

/**
 * How much of one day each machine, driver and tractor has spent, from 0 in the morning to 1 at
 * night, as a share of the fit hours of the work it does.
 */
final class Clocks {
  private static final int NONE = -1;

  /**
   * When work could begin on a machine, with whom, and what it had to wait for.
   *
   * @param driver the driver's place; −1 for a crew of its own
   * @param blocker the job that kept it from beginning in the morning; −1 for none
   */
  record Start(double clock, int driver, int tractor, Held by, int blocker) {
    Start notBefore(double later, int job) {
      return later > clock ? new Start(later, driver, tractor, Held.BEFORE_UNDONE, job) : this;
    }
  }

  private final Numbers n;
  private final double[] machine;
  private final double[] driver;
  private final double[] driven;
  private final double[] tractor;
  private final int[] lastOnMachine;
  private final int[] lastOfDriver;
  private final int[] lastOfTractor;

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
      machine[m] = n.machines.get(m).hadOn(n.date(day), day) ? 0 : 1;
    }
    for (int w = 0; w < driver.length; w++) {
      driver[w] = n.drivers.get(w).off().contains(n.date(day)) ? 1 : 0;
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
  Start start(int m) {
    int who = earliest(n.driversOf[m], driver);
    int what = earliest(n.tractorsOf[m], tractor);
    Start start = new Start(machine[m], who, what, Held.TOO_LITTLE_LEFT, lastOnMachine[m]);
    if (who != NONE && driver[who] > start.clock()) {
      start = new Start(driver[who], who, what, Held.DRIVER, lastOfDriver[who]);
    }
    if (what != NONE && tractor[what] > start.clock()) {
      start = new Start(tractor[what], who, what, Held.TRACTOR, lastOfTractor[what]);
    }
    return start;
  }

  /** Hours after which the driver stops; no end for a crew of its own. */
  double longest(Start start) {
    return start.driver() == NONE
        ? Double.MAX_VALUE
        : Durations.inHours(n.drivers.get(start.driver()).longestDay());
  }

  /**
   * Spends the day up to an hour on a job.
   *
   * @return what the driver's overtime costs
   */
  double take(int job, int m, Start start, double end, double hours) {
    machine[m] = end;
    lastOnMachine[m] = job;
    if (start.tractor() != NONE) {
      tractor[start.tractor()] = end;
      lastOfTractor[start.tractor()] = job;
    }
    if (start.driver() == NONE) {
      return 0;
    }
    int who = start.driver();
    Person person = n.drivers.get(who);
    double usual = Durations.inHours(person.usualDay());
    double over = Math.max(0, driven[who] - usual);
    driven[who] += hours;
    driver[who] = end;
    lastOfDriver[who] = job;
    return (Math.max(0, driven[who] - usual) - over) * person.overtimePerHour().value();
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
