package nimblefurrow.server.journal;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps the entries, and corrections that point at them; nothing is ever rewritten. What they mean
 * for a season is worked out from them whenever it is asked.
 */
@Service
public class Journal {
  /**
   * @param id the entry's name, given by whoever writes it, so that it is kept once however often
   *     it is sent
   * @param byUser who writes it, so that it may be put right by the same; {@code by} is the name
   * @param settles the code of the job that it settles; null: none
   */
  public record NewEntry(
      UUID id,
      UUID fieldId,
      UUID linkId,
      Noted noted,
      Fact fact,
      UUID byUser,
      @Maybe String settles) {
    EntryKind kind() {
      return EntryKind.of(fact);
    }
  }

  /**
   * A word on an entry that is kept.
   *
   * @param id given by whoever writes it, so that it is kept once however often it is sent
   * @param reason in the writer's words; may be empty
   */
  public record NewCorrection(UUID id, CorrectionKind kind, String reason, String by) {}

  /** Later than any day that can be meant. */
  private static final LocalDate LAST = LocalDate.of(9999, 12, 31);

  private final LogEntries entries;
  private final LogCorrections corrections;
  private final JdbcClient jdbc;
  private final KeptJournals kept = new KeptJournals();

  Journal(LogEntries entries, LogCorrections corrections, JdbcClient jdbc) {
    this.corrections = corrections;
    this.entries = entries;
    this.jdbc = jdbc;
  }

  /** All entries that count, of days up to and with one, oldest first. */
  @Transactional(readOnly = true)
  public List<Entry> until(UUID farmId, LocalDate day) {
    Written now = written(farmId);
    return kept.of(farmId, now, was -> read(farmId, was, now)).until(day);
  }

  private ReadJournal read(UUID farmId, ReadJournal was, Written now) {
    List<LogEntry> more =
        was.entries().isEmpty()
            ? entries.findByFarmIdOrderByHappenedOnAscSeqAsc(farmId)
            : entries.findByFarmIdAndSeqGreaterThanOrderBySeq(farmId, was.as().last());
    Set<UUID> mistakes = was.as().correctedAs(now) ? was.mistakes() : withdrawn(farmId);
    return was.with(now, more.stream().map(LogEntry::entry).toList(), mistakes);
  }

  private Written written(UUID farmId) {
    return jdbc.sql(
            "select e.n, e.last, c.n, c.last from"
                + " (select count(*) as n, coalesce(max(seq), 0) as last from log_entry where farm_id = :farm) e,"
                + " (select count(*) as n, coalesce(max(seq), 0) as last from log_correction where farm_id = :farm) c")
        .param("farm", farmId)
        .query(
            (row, n) -> new Written(row.getLong(1), row.getLong(2), row.getLong(3), row.getLong(4)))
        .single();
  }

  @Transactional(readOnly = true)
  public Entry one(UUID farmId, UUID id) {
    return entries
        .findByFarmIdAndId(farmId, id)
        .map(LogEntry::entry)
        .orElseThrow(() -> new NotOnThisFarm("entry"));
  }

  /**
   * An entry that counts.
   *
   * @throws Conflict when it was taken out as a mistake meanwhile
   */
  @Transactional(readOnly = true)
  public Entry counting(UUID farmId, UUID id) {
    Entry entry = one(farmId, id);
    if (withdrawn(farmId).contains(id)) {
      throw new Conflict("this entry was taken out meanwhile: load the logbook again");
    }
    return entry;
  }

  /** The entries that a person wrote; those of a time before that was kept are nobody's. */
  @Transactional(readOnly = true)
  public Set<UUID> writtenBy(UUID farmId, UUID user) {
    return Set.copyOf(
        jdbc.sql("select id from log_entry where farm_id = ? and by_user = ?")
            .params(farmId, user)
            .query(UUID.class)
            .list());
  }

  /** An entry by the name its writer gave it; empty while it is not kept. */
  @Transactional(readOnly = true)
  public Optional<Entry> find(UUID farmId, UUID id) {
    return entries.findByFarmIdAndId(farmId, id).map(LogEntry::entry);
  }

  @Transactional
  public Entry add(UUID farmId, NewEntry entry) {
    return entries.saveAndFlush(new LogEntry(farmId, entry)).entry();
  }

  /**
   * Says that an entry was a mistake, or that it was none after all; one sent twice is kept once.
   *
   * @throws NotOnThisFarm when the farm has no such entry
   */
  @Transactional
  public void correct(UUID farmId, UUID entryId, NewCorrection said) {
    Entry entry = one(farmId, entryId);
    if (said.kind() == CorrectionKind.RESTORED) {
      refuseTwice(farmId, entry);
    }
    if (corrections.findByFarmIdAndId(farmId, said.id()).isEmpty()) {
      corrections.saveAndFlush(new LogCorrection(farmId, entryId, said));
    }
  }

  /** A cover is sown once and ended once: what was written anew meanwhile has to go first. */
  private void refuseTwice(UUID farmId, Entry entry) {
    boolean again =
        entry.fact().once()
            && counting(farmId).stream()
                .anyMatch(
                    e ->
                        e.fact().getClass() == entry.fact().getClass()
                            && e.link().equals(entry.link())
                            && !e.id().equals(entry.id()));
    if (again) {
      throw new Conflict("this was written anew meanwhile: take that entry out first");
    }
  }

  private List<Entry> counting(UUID farmId) {
    return until(farmId, LAST);
  }

  /** Entries of which the last correction says that they were mistakes. */
  private Set<UUID> withdrawn(UUID farmId) {
    Set<UUID> mistakes = new HashSet<>();
    for (LogCorrection said : corrections.findByFarmIdOrderBySeq(farmId)) {
      if (CorrectionKind.WITHDRAWN.code().equals(said.kind)) {
        mistakes.add(said.entryId);
      } else {
        mistakes.remove(said.entryId);
      }
    }
    return mistakes;
  }
}
