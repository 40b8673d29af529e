package nimblefurrow.scheduler.search;

import java.util.function.Supplier;

/** Looks on while a plan is searched, and may end it: {@code () -> false} lets it go on. */
@FunctionalInterface
public interface Watch {
  /** Whether it has been long enough; asked many times a second, by every thread. */
  boolean over();

  /**
   * Told many times a second by one thread.
   *
   * @param part of the search that is done, 0–1
   * @param best the best so far, put together when it is asked for
   */
  default void told(double part, Supplier<Found> best) {}
}
