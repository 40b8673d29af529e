package nimblefurrow.server.platform.web;

/** A share as an answer tells it: in whole percent. */
public final class Percent {
  private Percent() {}

  /** 0.876 is 88. */
  public static int of(double share) {
    return (int) Math.round(100 * share);
  }
}
