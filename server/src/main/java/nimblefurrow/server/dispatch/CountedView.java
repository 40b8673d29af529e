package nimblefurrow.server.dispatch;

import nimblefurrow.core.job.Job;

/**
 * How far work is that is counted in hours, not in acres.
 *
 * @param whole hours of all of it
 * @param done so far, {@code left} still to do
 */
public record CountedView(double whole, double done, double left) {
  /** Null where a job is counted in acres. */
  public static CountedView of(Board board, Job job) {
    return board
        .counted(job)
        .map(
            hours -> {
              double left = hours.left(job.area());
              return new CountedView(hours.all(), hours.all() - left, left);
            })
        .orElse(null);
  }
}
