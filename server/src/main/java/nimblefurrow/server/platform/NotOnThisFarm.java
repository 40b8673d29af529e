package nimblefurrow.server.platform;

/** What was asked for is not on this farm: it never was, or it belongs to another. */
public class NotOnThisFarm extends RuntimeException {
  private static final long serialVersionUID = 1;

  public NotOnThisFarm(String what) {
    super("this farm has no such " + what);
  }
}
