package nimblefurrow.scheduler.search;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;

/**
 * The threads of one search: whoever asks for it is the first, the others are its own. Not those
 * that the machine has in common, which a search would hold for seconds, while a sheet that is
 * shared out over them waits.
 */
final class Threads implements AutoCloseable {
  private final int all;
  private final ExecutorService others;

  Threads(int all) {
    this.all = all;
    this.others = all > 1 ? Executors.newFixedThreadPool(all - 1, Threads::named) : null;
  }

  private static Thread named(Runnable work) {
    Thread thread = new Thread(work, "search");
    thread.setDaemon(true);
    return thread;
  }

  /** What each thread found, in the order of the threads. */
  <T> List<T> together(IntFunction<T> one) {
    List<Future<T>> waited = new ArrayList<>();
    for (int thread = 1; thread < all; thread++) {
      int mine = thread;
      waited.add(others.submit(() -> one.apply(mine)));
    }
    List<T> found = new ArrayList<>();
    found.add(one.apply(0));
    for (Future<T> other : waited) {
      found.add(ended(other));
    }
    return found;
  }

  private static <T> T ended(Future<T> other) {
    try {
      return other.get();
    } catch (InterruptedException stopping) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("the search was broken off");
    } catch (ExecutionException failed) {
      if (failed.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(failed.getCause());
    }
  }

  @Override
  public void close() {
    if (others != null) {
      others.shutdownNow();
    }
  }
}
