package nimblefurrow.server.unchanged;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.background.MemoryShare;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Keeps what was worked out of a farm until something of the farm changes or its day is over. The
 * database counts a farm's changes when they are committed ({@code farm_stamp}); as long as the
 * number is the same so is every answer, whichever server asks. The number is read before anything
 * else, so an answer may be newer than its number, never older.
 *
 * <p>Within a change nothing is kept: what is not committed is nobody else's.
 */
@Component
public class Unchanged {
  private static final double SHARE = 0.12;
  private static final Duration UNASKED = Duration.ofMinutes(20);

  private record Key(UUID farm, Object what) {}

  /** An answer, being worked out by one for all who wait for it. */
  private static final class Slot {
    private final long changes;
    private final LocalDate day;
    private final FutureTask<?> task;
    private volatile int bytes = 1;

    Slot(long changes, LocalDate day, FutureTask<?> task) {
      this.changes = changes;
      this.day = day;
      this.task = task;
    }

    boolean serves(long asked, LocalDate today) {
      return changes >= asked && day.equals(today);
    }
  }

  private final Farms farms;
  private final JdbcClient jdbc;
  private final Cache<Key, Slot> slots =
      Caffeine.newBuilder()
          .maximumWeight(MemoryShare.bytes(SHARE))
          .<Key, Slot>weigher((key, slot) -> slot.bytes)
          .expireAfterAccess(UNASKED)
          .build();

  Unchanged(Farms farms, JdbcClient jdbc) {
    this.farms = farms;
    this.jdbc = jdbc;
  }

  /** How often the farm has changed so far; the same as long as nothing of it has. */
  private long changes(UUID farm) {
    return jdbc.sql("select changes from farm_stamp where farm_id = ?")
        .param(farm)
        .query(Long.class)
        .optional()
        .orElse(0L);
  }

  /**
   * How a farm stands, as one word: whatever changes of it makes it another, and so does its day.
   */
  public String stands(UUID farm) {
    return changes(farm) + " " + farms.today(farms.view(farm));
  }

  /**
   * An answer of a farm on its day.
   *
   * @param what tells one question from another; equal for equal questions
   * @param bytes about what the answer holds
   * @param work how it is worked out, of the farm as it stands
   */
  @SuppressWarnings("unchecked")
  public <T> T of(UUID farm, Object what, ToIntFunction<T> bytes, Function<FarmView, T> work) {
    if (changing()) {
      return work.apply(farms.view(farm));
    }
    long changes = changes(farm);
    FarmView view = farms.view(farm);
    LocalDate today = farms.today(view);
    Key key = new Key(farm, what);
    Slot slot =
        slots
            .asMap()
            .compute(
                key,
                (k, was) ->
                    was != null && was.serves(changes, today)
                        ? was
                        : new Slot(changes, today, new FutureTask<>(() -> work.apply(view))));
    boolean fresh = !slot.task.isDone();
    slot.task.run();
    T answer = (T) answer(key, slot);
    if (fresh) {
      slot.bytes = Math.max(1, bytes.applyAsInt(answer));
      slots.asMap().replace(key, slot, slot);
    }
    return answer;
  }

  private Object answer(Key key, Slot slot) {
    try {
      return slot.task.get();
    } catch (InterruptedException stopping) {
      Thread.currentThread().interrupt();
      throw new CancellationException("the server is stopping");
    } catch (ExecutionException failed) {
      slots.asMap().remove(key, slot);
      if (failed.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(failed.getCause());
    }
  }

  private static boolean changing() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }
}
