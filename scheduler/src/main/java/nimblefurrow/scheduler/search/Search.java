package nimblefurrow.scheduler.search;

import java.util.SplittableRandom;
import java.util.function.DoublePredicate;
import nimblefurrow.core.play.Draft;
import nimblefurrow.core.play.Rehearsal;
import nimblefurrow.scheduler.mending.Keeping;
import nimblefurrow.scheduler.rules.Ways;

/**
 * Looks for a plan that loses less by annealing: small changes are tried, what loses less is kept,
 * and at first also what loses a little more. A change is played in a few years first and given up
 * as soon as it is clear that it will not do. The same seed and the same number of trials give the
 * same plan; a clock only stops it.
 */
final class Search {
  /** After so many years it is asked whether a change can still do. */
  private static final int[] RACE = {4, 7, 11, 16};

  private static final double SURE = 1.3;
  static final int MANY_JOBS = 200;
  private static final double WARM = 0.004;
  private static final double WARM_MANY = 0.001;
  private static final double COLD = 1.0 / 500;
  private static final int ASK_CLOCK = 64;
  private static final int DRAWS = 20;
  private static final int WEIGH_EVERY = 2000;

  private final Rehearsal rehearsal;
  private final Ways ways;
  private final SplittableRandom chance;
  private final Moves moves;
  private final int[] years;
  private final Draft kept;
  private final Draft tried;
  private final Draft best;
  private final Keeping keeping;
  private double keptPrice;
  private double least;
  private long trials;

  /**
   * @param keeping what moving jobs costs
   */
  Search(Rehearsal rehearsal, Ways ways, Draft start, Keeping keeping, long seed) {
    this.rehearsal = rehearsal;
    this.ways = ways;
    this.keeping = keeping;
    this.chance = new SplittableRandom(seed);
    this.kept = start.copy();
    this.tried = start.copy();
    this.best = start.copy();
    this.moves = new Moves(ways, start, chance);
    this.years = spread(rehearsal.years());
    this.keptPrice = keeping.price(kept);
    this.least = rehearsal.keep(kept) + keptPrice;
  }

  /** Years in an order in which neighbours are far apart, so that a few stand for all. */
  private static int[] spread(int count) {
    int step = (int) Math.max(1, Math.round(count * 0.382));
    while (gcd(step, count) != 1) {
      step++;
    }
    int[] order = new int[count];
    for (int i = 0; i < count; i++) {
      order[i] = (int) ((long) i * step % count);
    }
    return order;
  }

  private static int gcd(int a, int b) {
    return b == 0 ? a : gcd(b, a % b);
  }

  /** The plan that loses least of all that were tried. */
  Draft best() {
    return best;
  }

  /** How many changes were tried. */
  long trials() {
    return trials;
  }

  /**
   * Cools once from warm to cold.
   *
   * @param count trials from warm to cold
   * @param warmth of the usual warmth, 0–1
   * @param over asked now and then with the part that is done; where it says so, the search ends
   */
  void cool(long count, double warmth, DoublePredicate over) {
    if (!moves.any()) {
      return;
    }
    double warm = warmth * (ways.jobs > MANY_JOBS ? WARM_MANY : WARM) * Math.max(1, least);
    double ratio = Math.log(COLD / warmth);
    for (long t = 0; t < count; t++) {
      if (t % ASK_CLOCK == 0 && over.test((double) t / count)) {
        return;
      }
      if (ways.jobs > MANY_JOBS && t % WEIGH_EVERY == 0) {
        moves.weigh(losses());
      }
      trials++;
      step(warm * Math.exp(ratio * t / count));
    }
  }

  private double[] losses() {
    double[] all = new double[ways.jobs];
    for (int j = 0; j < all.length; j++) {
      all[j] = rehearsal.lossOf(j);
    }
    return all;
  }

  /** Draws a change that moves no more jobs than may be. */
  private double change() {
    double price = keptPrice;
    for (int draw = 0; draw < DRAWS; draw++) {
      moves.change(tried);
      price = moves.count == 0 ? keptPrice : keeping.price(tried);
      if (price < Double.POSITIVE_INFINITY) {
        return price;
      }
      tried.become(kept);
      moves.count = 0;
    }
    return keptPrice;
  }

  private void step(double temperature) {
    double price = change();
    if (moves.count == 0) {
      return;
    }
    double allowed = keptPrice - price - temperature * Math.log(1 - chance.nextDouble());
    double sum = 0;
    double squares = 0;
    int race = 0;
    for (int i = 0; i < years.length; i++) {
      int y = years[i];
      double rise = rehearsal.loss(tried, moves.moved, moves.count, y) - rehearsal.loss(y);
      sum += rise;
      squares += rise * rise;
      if (race < RACE.length && i + 1 == RACE[race] && i + 1 < years.length) {
        race++;
        int n = i + 1;
        double over = sum / n - allowed;
        double variance = Math.max(0, (squares - sum * sum / n) / (n - 1));
        if (over > SURE * Math.sqrt(variance / n)) {
          tried.become(kept);
          return;
        }
      }
    }
    if (sum / years.length > allowed) {
      tried.become(kept);
      return;
    }
    rehearsal.accept(tried, moves.moved, moves.count);
    kept.become(tried);
    moves.placed(kept);
    keptPrice = price;
    double mean = rehearsal.mean() + price;
    if (mean < least - 1e-6) {
      least = mean;
      best.become(kept);
    }
  }
}
