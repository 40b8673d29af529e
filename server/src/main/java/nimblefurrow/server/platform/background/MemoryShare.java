package nimblefurrow.server.platform.background;

/** How much of the memory that the server has a thing that is kept in it may take. */
public final class MemoryShare {
  /** Says how many bytes are to be shared out, where that is not all that the server has. */
  private static final String LESS = "furrow.memory";

  private MemoryShare() {}

  /**
   * A share of all memory in bytes: of 768 MB, .2 are 161 million.
   *
   * @param share 0–1
   */
  public static long bytes(double share) {
    return (long) (share * Long.getLong(LESS, Runtime.getRuntime().maxMemory()));
  }
}
