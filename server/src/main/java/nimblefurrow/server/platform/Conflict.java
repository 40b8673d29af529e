package nimblefurrow.server.platform;

/** Two people changed the same thing, or what is asked contradicts what is kept. */
public class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1;

  public Conflict(String message) {
    super(message);
  }
}
