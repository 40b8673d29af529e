package nimblefurrow.scheduler;

/** Who looks on while a plan is searched for, and may end it. Asked by every thread. */
public interface Watch {
  /** Whether to stop here; what is best so far is told then. */
  boolean over();

  /** How much of the search is done, 0–1. */
  default void at(double share) {}

  /** A plan that is better than all before, by one thread at a time. */
  default void better(Found found) {}

  /** Nobody: the search goes on to its end. */
  static Watch nobody() {
    return () -> false;
  }
}
