package nimblefurrow.server.platform.files;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import nimblefurrow.server.platform.Busy;
import org.springframework.stereotype.Component;

/**
 * Files are read a few at a time, since each may take tens of megabytes while it is taken apart.
 * Whoever comes when all places are taken waits a little, and is then told to come again.
 */
@Component
public class HeavyWork {
  private static final int AT_ONCE = 2;
  private static final long WAIT_SECONDS = 8;

  private final Semaphore places = new Semaphore(AT_ONCE, true);

  /** Work that may find its file unreadable. */
  @FunctionalInterface
  public interface Work<T, E extends Exception> {
    T done() throws E;
  }

  /**
   * Does the work when there is a place for it.
   *
   * @throws Busy when none comes free in time
   */
  public <T, E extends Exception> T run(Work<T, E> work) throws E {
    try {
      if (!places.tryAcquire(WAIT_SECONDS, TimeUnit.SECONDS)) {
        throw new Busy("other files are being read: send it again in a moment");
      }
    } catch (InterruptedException stopping) {
      Thread.currentThread().interrupt();
      throw new Busy("the server is stopping");
    }
    try {
      return work.done();
    } finally {
      places.release();
    }
  }
}
