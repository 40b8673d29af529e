package nimblefurrow.scheduler.search;

import java.util.List;
import nimblefurrow.core.quantity.Share;

/**
 * How hard to look for a plan: {@code new Effort(1, 10, 2)} is what two threads of a usual machine
 * do in about ten seconds. It is counted in changes tried, never by the clock, so that the same
 * effort finds the same plan everywhere.
 *
 * @param seed another one looks elsewhere
 * @param seconds that it takes about
 * @param threads each with a seed of its own; the better plan wins
 */
public record Effort(long seed, double seconds, int threads) {
  /** Changes that a thread of a usual machine tries in a second with one job in 28 seasons. */
  private static final double RATE = 1e6;

  private static final double BY_JOBS = 1.27;
  private static final double YEARS = 28;
  private static final double SEASON_DAYS = 98;

  public Effort {
    if (!(seconds > 0) || threads < 1) {
      throw new IllegalArgumentException("no time or nobody to look");
    }
  }

  /** Changes to be tried in a part of the time. */
  long trials(double part, int jobs, int years, int days) {
    double rate =
        RATE
            / Math.pow(Math.max(1, jobs), BY_JOBS)
            * (YEARS / Math.max(1, years))
            * (SEASON_DAYS / Math.max(SEASON_DAYS, days));
    return Math.max(1, Math.round(part * seconds * rate));
  }

  /** What of the time goes to one share of a list that may be moved: half to the usual one. */
  static double part(List<Share> shares, Share share, Share usual) {
    int all = shares.size();
    if (all == 1 || !shares.contains(usual)) {
      return 1;
    }
    return share.equals(usual) ? all / 2.0 : all / 2.0 / (all - 1);
  }
}
