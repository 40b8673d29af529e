package nimblefurrow.scheduler.help;

/** Looks on while helps are tried, and may end it: {@code () -> false} lets it go on. */
@FunctionalInterface
public interface HelpWatch {
  /** Whether it has been long enough; asked many times a second. */
  boolean over();

  /**
   * Told after each thing that was tried.
   *
   * @param part of all of them that is done, 0–1
   */
  default void tried(double part) {}
}
