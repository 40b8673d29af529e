package nimblefurrow.core.play;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A plan that people go by already, to tell how many jobs another one moves. A job is moved when it
 * is on another machine, when its wait differs by two days or more, or when it stands outside the
 * longest run of jobs that keeps its order on its machine. Example: of A B C D, the plan B C D A
 * moves one job, and D C B A moves three. For one thread.
 */
public final class Kept {
  private final Draft was;
  private final int[] stood;
  private final int[] byMachine;
  private final int[] start;
  private final Moved.How[] how;
  private final int[] run;
  private final int[] best;
  private final int[] from;

  /**
   * @param was the plan that people know
   */
  public Kept(Draft was) {
    this.was = was.copy();
    int jobs = was.machine.length;
    stood = new int[jobs];
    for (int i = 0; i < was.order.length; i++) {
      stood[was.order[i]] = i;
    }
    byMachine = new int[jobs];
    start = new int[Arrays.stream(was.machine).max().orElse(0) + 2];
    how = new Moved.How[jobs];
    run = new int[jobs];
    best = new int[jobs];
    from = new int[jobs];
  }

  /** How each job is moved by a plan, by its place in the campaign; null where it is not. */
  public Moved.How[] moved(Draft now) {
    Arrays.fill(how, null);
    Arrays.fill(start, 0);
    for (int j : now.order) {
      if (now.machine[j] != was.machine[j]) {
        how[j] = Moved.How.MACHINE;
      } else if (Math.abs(now.wait[j] - was.wait[j]) >= was.movedDays()) {
        how[j] = Moved.How.WAIT;
      }
      if (stays(now, j)) {
        start[now.machine[j] + 1]++;
      }
    }
    for (int m = 1; m < start.length; m++) {
      start[m] += start[m - 1];
    }
    int[] at = start.clone();
    for (int j : now.order) {
      if (stays(now, j)) {
        byMachine[at[now.machine[j]]++] = j;
      }
    }
    for (int m = 0; m + 1 < start.length; m++) {
      outside(start[m], start[m + 1]);
    }
    return how;
  }

  private boolean stays(Draft now, int j) {
    return now.machine[j] != Draft.OUT && now.machine[j] == was.machine[j];
  }

  /** Marks the jobs of one machine that stand outside the longest run that keeps its order. */
  private void outside(int begin, int end) {
    int length = 0;
    for (int i = begin; i < end; i++) {
      int low = 0;
      int high = length;
      while (low < high) {
        int middle = (low + high) / 2;
        if (stood[byMachine[best[middle]]] < stood[byMachine[i]]) {
          low = middle + 1;
        } else {
          high = middle;
        }
      }
      from[i] = low == 0 ? -1 : best[low - 1];
      best[low] = i;
      length = Math.max(length, low + 1);
    }
    Arrays.fill(run, begin, end, 0);
    for (int i = length == 0 ? -1 : best[length - 1]; i >= 0; i = from[i]) {
      run[i] = 1;
    }
    for (int i = begin; i < end; i++) {
      int j = byMachine[i];
      if (run[i] == 0 && how[j] == null) {
        how[j] = Moved.How.ORDER;
      }
    }
  }

  /** The same told by job, in the order of the plan that people know. */
  static List<Moved> between(Numbers n, Plan was, Plan now) {
    Draft before = new Draft(n, was);
    Moved.How[] moved = new Kept(before).moved(new Draft(n, now));
    List<Moved> all = new ArrayList<>();
    for (int j : before.order) {
      Optional.ofNullable(moved[j]).ifPresent(h -> all.add(new Moved(n.jobs.get(j).id(), h)));
    }
    return all;
  }
}
