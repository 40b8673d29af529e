package nimblefurrow.core.play;

import java.util.Arrays;

/** How the work of a year stands on a morning; a play can go on from it. */
final class Morning {
  static final byte WAITING = 0;
  static final byte BEGUN = 1;
  static final byte DONE = 2;
  static final byte OUT = 3;
  private static final int NONE = -1;

  final byte[] state;

  /** Hours that each job still needs. */
  final double[] left;

  /** The last day on which a job was worked on. */
  final int[] last;

  /** The job that holds each machine. */
  final int[] holder;

  /** Where each machine stands. */
  final int[] at;

  final double[] rigAcres;

  /** Jobs begun and not over, as they began. */
  final int[] begun;

  int begunCount;

  /** Dollars spent so far: waiting, haste, roads, overtime. */
  double loss;

  Morning(Numbers n) {
    int jobs = n.jobs.size();
    int machines = n.machines.size();
    state = new byte[jobs];
    left = new double[jobs];
    last = new int[jobs];
    holder = new int[machines];
    at = new int[machines];
    rigAcres = new double[machines];
    begun = new int[jobs];
  }

  /** About how much one takes, in bytes. */
  static long bytes(Numbers n) {
    return 17L * n.jobs.size() + 16L * n.machines.size() + 200;
  }

  /** The first morning of a plan. */
  void first(Numbers n, Draft plan) {
    for (int j = 0; j < state.length; j++) {
      asked(n, plan, j);
    }
    Arrays.fill(last, 0);
    Arrays.fill(holder, NONE);
    Arrays.fill(rigAcres, 0);
    System.arraycopy(n.siteOfMachine, 0, at, 0, at.length);
    begunCount = 0;
    loss = 0;
    for (int j : plan.order) {
      int m = n.begunOn[j];
      if (m != NONE) {
        state[j] = BEGUN;
        holder[m] = j;
        begun[begunCount++] = j;
        at[m] = n.siteOfJob[j];
      }
    }
  }

  /** A job as it stands before it is begun. */
  void asked(Numbers n, Draft plan, int j) {
    boolean out = plan.machine[j] == Draft.OUT;
    state[j] = out ? OUT : WAITING;
    left[j] = out ? 0 : n.hours[j][plan.machine[j]];
  }

  void become(Morning other) {
    System.arraycopy(other.state, 0, state, 0, state.length);
    System.arraycopy(other.left, 0, left, 0, left.length);
    System.arraycopy(other.last, 0, last, 0, last.length);
    System.arraycopy(other.holder, 0, holder, 0, holder.length);
    System.arraycopy(other.at, 0, at, 0, at.length);
    System.arraycopy(other.rigAcres, 0, rigAcres, 0, rigAcres.length);
    System.arraycopy(other.begun, 0, begun, 0, other.begunCount);
    begunCount = other.begunCount;
    loss = other.loss;
  }

  /** Whether all that is still to come is the same, whatever was spent so far. */
  boolean goesOnLike(Numbers n, Morning other) {
    return begunCount == other.begunCount
        && Arrays.equals(state, other.state)
        && Arrays.equals(at, other.at)
        && Arrays.equals(holder, other.holder)
        && Arrays.equals(left, other.left)
        && Arrays.equals(begun, 0, begunCount, other.begun, 0, begunCount)
        && Arrays.equals(rigAcres, other.rigAcres)
        && waitsLike(n, other);
  }

  /** Whether what waiting jobs wait for was over on the same days. */
  private boolean waitsLike(Numbers n, Morning other) {
    for (int j = 0; j < state.length; j++) {
      if (state[j] == WAITING) {
        for (int p : n.before[j]) {
          if (p != NONE && last[p] != other.last[p]) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /**
   * Takes over what was spent, and on which days jobs were done, from an earlier morning that goes
   * on like this one's own did.
   *
   * @param spent what had been spent on the own earlier morning
   */
  void follow(Morning alike, double spent) {
    loss += alike.loss - spent;
    for (int j = 0; j < state.length; j++) {
      if (alike.state[j] == DONE) {
        last[j] = alike.last[j];
      }
    }
  }

  /** Takes a job off the begun ones. */
  void over(int job) {
    int i = 0;
    while (begun[i] != job) {
      i++;
    }
    System.arraycopy(begun, i + 1, begun, i, --begunCount - i);
  }

  /** Acres of a job that are not done. */
  double undone(Numbers n, Draft plan, int j) {
    if (state[j] == DONE) {
      return 0;
    }
    int m = plan.machine[j];
    return m == Draft.OUT ? n.acres[j] : n.acres[j] * (left[j] / n.hours[j][m]);
  }

  /** Dollars lost with this as the last evening: what was spent, acres never done, crews called. */
  double lossAtEnd(Numbers n, Draft plan) {
    double all = loss;
    for (int j = 0; j < state.length; j++) {
      if (state[j] != DONE) {
        all += undone(n, plan, j) * n.lost[j];
      }
    }
    for (int m : n.hired) {
      boolean called = false;
      for (int j = 0; j < state.length && !called; j++) {
        called = plan.machine[j] == m;
      }
      if (called) {
        all += n.rigPrice[m] * Math.max(n.rigLeast[m], rigAcres[m]);
      }
    }
    return all;
  }
}
