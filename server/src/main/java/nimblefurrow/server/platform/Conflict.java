package nimblefurrow.server.platform;

/** Two people changed the same thing, or what is asked contradicts what is kept. */
public class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1;

  public Conflict(String message) {
    super(message);
  }

  /**
   * Refuses a change that was made on an older state than the one that is kept.
   *
   * @param seen the version on which the change was made; null when none was said
   */
  public static void refuseStale(long kept, Number seen) {
    if (seen == null || seen.longValue() != kept) {
      throw new Conflict(
          "someone else has changed this meanwhile: load it again, then repeat your change");
    }
  }

  /**
   * The same where a single value is changed, by the value itself.
   *
   * @param was the value on which the change was made; null: whatever is kept
   */
  public static void refuseOther(Double kept, Double was) {
    if (was != null && !was.equals(kept)) {
      throw new Conflict(
          "someone else has changed this meanwhile: load it again, then repeat your change");
    }
  }

  /**
   * The same for settings, which scripts may change without saying what they saw; pages always say.
   *
   * @param seen the version on which the change was made; null: whatever is kept
   */
  public static void refuseOlder(long kept, Number seen) {
    if (seen != null) {
      refuseStale(kept, seen);
    }
  }
}
