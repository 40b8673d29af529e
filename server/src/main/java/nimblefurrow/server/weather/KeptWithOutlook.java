package nimblefurrow.server.weather;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntBiFunction;

/**
 * What is worked out under an outlook and kept in memory: bounded by what it weighs, and gone with
 * the outlook, so that nothing that is kept holds the weather of a day that nobody asks for any
 * more. A shortcut, never a state: whatever is gone is worked out again. Made by {@link
 * Weathers#keeping}.
 *
 * @param <K> what tells one question from another under the same outlook
 */
public final class KeptWithOutlook<K, V> {
  private record Named<K>(OutlookName outlook, K asked) {}

  private final Cache<Named<K>, V> kept;

  private final Predicate<OutlookName> lives;

  /**
   * @param lives whether an outlook is kept: nothing is kept under one that has gone meanwhile
   */
  KeptWithOutlook(long mostBytes, ToIntBiFunction<K, V> bytes, Predicate<OutlookName> lives) {
    this.lives = lives;
    this.kept =
        Caffeine.newBuilder()
            .maximumWeight(mostBytes)
            .<Named<K>, V>weigher((named, value) -> bytes.applyAsInt(named.asked(), value))
            .build();
  }

  /** The answer, worked out where it is not kept; by one for all who ask at the same time. */
  public V get(OutlookName outlook, K asked, Function<K, V> work) {
    V value = kept.get(new Named<>(outlook, asked), named -> work.apply(named.asked()));
    if (!lives.test(outlook)) {
      gone(outlook);
    }
    return value;
  }

  void gone(OutlookName outlook) {
    kept.asMap().keySet().removeIf(named -> named.outlook().equals(outlook));
  }
}
