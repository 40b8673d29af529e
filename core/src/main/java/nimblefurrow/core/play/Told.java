package nimblefurrow.core.play;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What a play tells of each job: its days of work, and what held it back before. */
public final class Told {
  /**
   * Work of a job on one day, with the hours on the road to it.
   *
   * @param from share of the day's fit hours that is over when it begins
   */
  record Spell(int day, int driver, double hours, double acres, double road, double from) {}

  final List<List<Spell>> spells = new ArrayList<>();

  /** What held each job on the last day on which it did not begin, and which job did, if any. */
  final Held[] held;

  final int[] heldBy;
  final double[] fitThen;

  Told(Numbers n, Draft plan) {
    int jobs = n.jobs.size();
    held = new Held[jobs];
    heldBy = new int[jobs];
    fitThen = new double[jobs];
    Arrays.fill(heldBy, -1);
    for (int j = 0; j < jobs; j++) {
      held[j] = plan.machine[j] == Draft.OUT ? Held.LEFT_OUT : Held.FIRST_DAY;
      spells.add(new ArrayList<>(2));
    }
  }

  void blocked(int j, Held why, int by) {
    held[j] = why;
    heldBy[j] = by;
  }

  /** Out for good: why it was held before says more than that its window is over. */
  void out(int j, Held why, int by) {
    if (held[j] == Held.FIRST_DAY || why != Held.WINDOW_OVER) {
      blocked(j, why, by);
    }
  }
}
