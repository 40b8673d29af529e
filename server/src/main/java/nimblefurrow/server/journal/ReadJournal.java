package nimblefurrow.server.journal;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;

/**
 * A farm's journal as it was read.
 *
 * @param as how far it was written then
 * @param entries all of them by day, also those that were mistakes
 * @param counting those that count
 */
record ReadJournal(Written as, List<Entry> entries, Set<UUID> mistakes, List<Entry> counting) {
  static final ReadJournal NOTHING =
      new ReadJournal(Written.NOTHING, List.of(), Set.of(), List.of());

  /** This and what was written after it; of one day, what was written later stands later. */
  ReadJournal with(Written now, List<Entry> more, Set<UUID> taken) {
    List<Entry> all = new ArrayList<>(entries);
    all.addAll(more);
    all.sort(Comparator.comparing(Entry::on));
    return new ReadJournal(
        now, all, taken, all.stream().filter(e -> !taken.contains(e.id())).toList());
  }

  /**
   * Whether it holds as many entries as are written. Not so where one was read of a change that was
   * taken back, or where one that was begun earlier was written later: then all is read anew.
   */
  boolean whole() {
    return entries.size() == as.entries();
  }

  /** Whether what was written since can be added to it. */
  boolean growsTo(Written now) {
    return now.entries() >= as.entries() && now.last() >= as.last();
  }

  /** Entries that count, up to and with a day. */
  List<Entry> until(LocalDate day) {
    boolean behind = counting.isEmpty() || !counting.get(counting.size() - 1).on().isAfter(day);
    return behind ? counting : counting.stream().filter(e -> !e.on().isAfter(day)).toList();
  }
}
