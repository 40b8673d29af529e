package nimblefurrow.server.journal;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import java.util.function.UnaryOperator;
import nimblefurrow.server.platform.background.MemoryShare;

/** Journals that were read, each as far as it was written then; what is written after is added. */
final class KeptJournals {
  /** An entry with its words and figures; by and large. */
  private static final int BYTES_AN_ENTRY = 1_000;

  private static final double SHARE = 0.03;

  private final Cache<UUID, ReadJournal> read =
      Caffeine.newBuilder()
          .maximumWeight(MemoryShare.bytes(SHARE))
          .<UUID, ReadJournal>weigher((farm, all) -> BYTES_AN_ENTRY * (1 + all.entries().size()))
          .build();

  /**
   * A farm's journal.
   *
   * @param now how far it is written
   * @param reading reads what is written after what was read before
   */
  ReadJournal of(UUID farm, Written now, UnaryOperator<ReadJournal> reading) {
    ReadJournal was = read.getIfPresent(farm);
    if (was != null && was.as().equals(now)) {
      return was;
    }
    ReadJournal is =
        was != null && was.growsTo(now) ? reading.apply(was) : reading.apply(ReadJournal.NOTHING);
    ReadJournal whole = is.whole() ? is : reading.apply(ReadJournal.NOTHING);
    read.put(farm, whole);
    return whole;
  }
}
