package nimblefurrow.scheduler.search;

import java.util.SplittableRandom;
import nimblefurrow.core.play.Draft;
import nimblefurrow.scheduler.rules.Ways;

/**
 * Small changes of a plan, one at a time: a job moved in the order, two exchanged, another wait,
 * another machine, a run of jobs or a whole chain moved. Each tells which jobs it moved.
 */
final class Moves {
  private static final int LONGEST_RUN = 4;
  private static final int FEW = 6;
  private static final int LONGEST_WAIT = 400;

  private final Ways ways;
  private final SplittableRandom chance;
  private final int[] free;
  private final int[] place;
  private final int[] rest;
  private final boolean[] taken;
  private double[] weight;

  /** The jobs that the last change moved. */
  final int[] moved;

  int count;

  Moves(Ways ways, Draft start, SplittableRandom chance) {
    this.ways = ways;
    this.chance = chance;
    int some = 0;
    int[] all = new int[ways.jobs];
    for (int j : start.order) {
      if (ways.free(start, j)) {
        all[some++] = j;
      }
    }
    free = java.util.Arrays.copyOf(all, some);
    place = new int[ways.jobs];
    rest = new int[ways.jobs];
    taken = new boolean[ways.jobs];
    moved = new int[ways.jobs];
    placed(start);
  }

  /** Whether there is anything to move. */
  boolean any() {
    return free.length > 0;
  }

  /** Takes note of a plan that was accepted. */
  void placed(Draft kept) {
    for (int i = 0; i < kept.order.length; i++) {
      place[kept.order[i]] = i;
    }
  }

  /** From now on half of the moves take a job in proportion to what it loses. */
  void weigh(double[] losses) {
    double[] sums = new double[free.length];
    double sum = 0;
    for (int i = 0; i < free.length; i++) {
      sum += losses[free[i]];
      sums[i] = sum;
    }
    weight = sum > 0 ? sums : null;
  }

  private int job() {
    if (weight == null || chance.nextBoolean()) {
      return free[chance.nextInt(free.length)];
    }
    double at = chance.nextDouble() * weight[weight.length - 1];
    int i = java.util.Arrays.binarySearch(weight, at);
    return free[Math.min(free.length - 1, i < 0 ? -i - 1 : i)];
  }

  /** Changes a draft that is as the kept one; {@link #count} is 0 where nothing came of it. */
  void change(Draft draft) {
    count = 0;
    int job = job();
    int which = chance.nextInt(100);
    if (which < 33) {
      beside(draft, job);
    } else if (which < 50) {
      int by = 1 + chance.nextInt(FEW);
      one(draft, job, place[job] + (chance.nextBoolean() ? by : -by));
    } else if (which < 65) {
      swap(draft, job);
    } else if (which < 82) {
      wait(draft, job);
    } else if (which < 92) {
      machine(draft, job);
    } else if (which < 98) {
      run(draft, job);
    } else {
      chain(draft, job);
    }
  }

  private int rival(int job) {
    int[] all = ways.rivals(job);
    return all.length == 0 ? job : all[chance.nextInt(all.length)];
  }

  private void beside(Draft draft, int job) {
    int other = rival(job);
    int to = place[other] + (chance.nextBoolean() ? 1 : 0);
    one(draft, job, to > place[job] ? to - 1 : to);
  }

  private void one(Draft draft, int job, int to) {
    int from = place[job];
    int at = Math.max(0, Math.min(draft.order.length - 1, to));
    if (at == from) {
      return;
    }
    if (at > from) {
      System.arraycopy(draft.order, from + 1, draft.order, from, at - from);
    } else {
      System.arraycopy(draft.order, at, draft.order, at + 1, from - at);
    }
    draft.order[at] = job;
    moved[count++] = job;
  }

  private void swap(Draft draft, int job) {
    int other = rival(job);
    if (other == job || !ways.free(draft, other)) {
      return;
    }
    draft.order[place[job]] = other;
    draft.order[place[other]] = job;
    moved[count++] = job;
    moved[count++] = other;
  }

  private void wait(Draft draft, int job) {
    int length = Math.max(1, ways.closes[job] - ways.opens[job]);
    int now = draft.wait[job];
    int to =
        switch (chance.nextInt(6)) {
          case 0 -> 0;
          case 1 -> ways.bestWait[job];
          case 2 -> chance.nextInt(length + 1);
          default -> now + (chance.nextBoolean() ? 1 : -1) * (1 + chance.nextInt(3));
        };
    to = Math.max(0, Math.min(Math.min(length, LONGEST_WAIT), to));
    if (to != now) {
      draft.wait[job] = to;
      moved[count++] = job;
    }
  }

  private void machine(Draft draft, int job) {
    int[] able = ways.able[job];
    int choices = able.length + (ways.leavable[job] ? 1 : 0);
    if (choices < 2) {
      wait(draft, job);
      return;
    }
    int which = chance.nextInt(choices);
    int to = which < able.length ? able[which] : Draft.OUT;
    if (to != draft.machine[job]) {
      draft.machine[job] = to;
      moved[count++] = job;
    }
  }

  private void run(Draft draft, int job) {
    int length = 2 + chance.nextInt(LONGEST_RUN - 1);
    for (int i = place[job]; i < draft.order.length && count < length; i++) {
      if (ways.free(draft, draft.order[i])) {
        moved[count++] = draft.order[i];
      }
    }
    together(draft, place[rival(job)]);
  }

  private void chain(Draft draft, int job) {
    for (int one : ways.chain(job)) {
      if (ways.free(draft, one)) {
        moved[count++] = one;
      }
    }
    together(draft, place[rival(job)]);
  }

  /** Puts the moved jobs one after the other, as they stood, where another job stands. */
  private void together(Draft draft, int to) {
    for (int i = 0; i < count; i++) {
      taken[moved[i]] = true;
    }
    int left = 0;
    int goes = 0;
    int at = 0;
    for (int i = 0; i < draft.order.length; i++) {
      if (i == to) {
        at = left;
      }
      if (taken[draft.order[i]]) {
        moved[goes++] = draft.order[i];
      } else {
        rest[left++] = draft.order[i];
      }
    }
    System.arraycopy(rest, 0, draft.order, 0, at);
    System.arraycopy(moved, 0, draft.order, at, count);
    System.arraycopy(rest, at, draft.order, at + count, left - at);
    for (int i = 0; i < count; i++) {
      taken[moved[i]] = false;
    }
  }
}
