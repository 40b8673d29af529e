package nimblefurrow.server.weather;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/**
 * The outlooks that were asked for last, as many as memory has room for; the one asked for longest
 * ago makes room. Not a cache that weighs how often something was asked: days are walked through
 * one after the other, and the newest has never been asked before. Each is worked out by one for
 * all who ask at the same time.
 */
final class RecentOutlooks {
  private static final class Slot {
    private final FutureTask<Optional<FarmWeather>> task;
    private long bytes;

    Slot(Supplier<Optional<FarmWeather>> work) {
      this.task = new FutureTask<>(work::get);
    }
  }

  private final long mostBytes;
  private final ToLongFunction<Optional<FarmWeather>> weigher;
  private final Consumer<OutlookName> gone;
  private final Map<OutlookName, Slot> slots = new LinkedHashMap<>(16, 0.75f, true);
  private long held;

  /**
   * @param gone is told of each that makes room
   */
  RecentOutlooks(
      long mostBytes, ToLongFunction<Optional<FarmWeather>> weigher, Consumer<OutlookName> gone) {
    this.mostBytes = mostBytes;
    this.weigher = weigher;
    this.gone = gone;
  }

  /** An outlook, worked out where it is not kept. */
  Optional<FarmWeather> get(OutlookName name, Supplier<Optional<FarmWeather>> work) {
    Slot slot;
    synchronized (slots) {
      slot = slots.computeIfAbsent(name, n -> new Slot(work));
    }
    slot.task.run();
    Optional<FarmWeather> weather = worked(name, slot);
    weighed(slot, weather).forEach(gone);
    return weather;
  }

  /** Whether one is kept. */
  boolean has(OutlookName name) {
    synchronized (slots) {
      return slots.containsKey(name);
    }
  }

  private Optional<FarmWeather> worked(OutlookName name, Slot slot) {
    try {
      return slot.task.get();
    } catch (InterruptedException stopping) {
      Thread.currentThread().interrupt();
      throw new CancellationException("the server is stopping");
    } catch (ExecutionException failed) {
      synchronized (slots) {
        slots.remove(name, slot);
      }
      if (failed.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(failed.getCause());
    }
  }

  /** Weighs a new one, and names those that make room for it. */
  private List<OutlookName> weighed(Slot slot, Optional<FarmWeather> weather) {
    List<OutlookName> over = new ArrayList<>();
    synchronized (slots) {
      if (slot.bytes > 0 || !slots.containsValue(slot)) {
        return over;
      }
      slot.bytes = Math.max(1, weigher.applyAsLong(weather));
      held += slot.bytes;
      Iterator<Map.Entry<OutlookName, Slot>> eldest = slots.entrySet().iterator();
      while (held > mostBytes && slots.size() > 1 && eldest.hasNext()) {
        Map.Entry<OutlookName, Slot> old = eldest.next();
        if (old.getValue() != slot && old.getValue().bytes > 0) {
          held -= old.getValue().bytes;
          over.add(old.getKey());
          eldest.remove();
        }
      }
    }
    return over;
  }
}
