package nimblefurrow.scheduler.mending;

import nimblefurrow.core.play.Draft;
import nimblefurrow.core.play.Kept;
import nimblefurrow.core.play.Moved;

/** What it costs to move jobs of a plan that people go by already, and how many may be moved. */
public final class Keeping {
  private final Kept kept;
  private final double[] prices;
  private final boolean[] counted;
  private final int most;

  private Keeping(Kept kept, double[] prices, boolean[] counted, int most) {
    this.kept = kept;
    this.prices = prices;
    this.counted = counted;
    this.most = most;
  }

  /** Nobody goes by a plan yet: anything may be moved for nothing. */
  public static Keeping nothing() {
    return new Keeping(null, new double[0], new boolean[0], 0);
  }

  /**
   * @param prices dollars for moving each job
   * @param counted which jobs count among those that may be moved
   */
  public static Keeping of(Draft was, double[] prices, boolean[] counted, int most) {
    return new Keeping(new Kept(was), prices, counted, most);
  }

  /** What all that a plan moves costs, dollars; without end where it moves too many. */
  public double price(Draft now) {
    if (kept == null) {
      return 0;
    }
    Moved.How[] how = kept.moved(now);
    double sum = 0;
    int count = 0;
    for (int j = 0; j < how.length; j++) {
      if (how[j] != null) {
        sum += prices[j];
        count += counted[j] ? 1 : 0;
      }
    }
    return count > most ? Double.POSITIVE_INFINITY : sum;
  }
}
