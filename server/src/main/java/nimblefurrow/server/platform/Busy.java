package nimblefurrow.server.platform;

/** There is no room for this now; the same may be asked again in a moment. */
public class Busy extends RuntimeException {
  private static final long serialVersionUID = 1;

  public Busy(String message) {
    super(message);
  }
}
