package nimblefurrow.server.journal;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the entries. What they mean for a season is worked out from them whenever it is asked. */
@Service
public class Journal {
  public record Entry(
      UUID id,
      UUID fieldId,
      UUID linkId,
      EntryKind kind,
      LocalDate on,
      @Maybe UUID machineId,
      @Maybe Double acres,
      @Maybe Double pounds,
      String lot,
      String note,
      String by,
      EntryDetails details) {}

  /**
   * @param id the entry's name, given by whoever writes it, so that it is kept once however often
   *     it is sent
   */
  public record NewEntry(
      UUID id,
      UUID fieldId,
      UUID linkId,
      EntryKind kind,
      LocalDate on,
      UUID machineId,
      Double acres,
      Double pounds,
      String lot,
      String note,
      String by,
      EntryDetails details) {}

  private final LogEntries entries;

  Journal(LogEntries entries) {
    this.entries = entries;
  }

  /** All entries of days up to and with one, oldest first. */
  @Transactional(readOnly = true)
  public List<Entry> until(UUID farmId, LocalDate day) {
    return entries
        .findByFarmIdAndHappenedOnLessThanEqualOrderByHappenedOnAscSeqAsc(farmId, day)
        .stream()
        .map(Journal::view)
        .toList();
  }

  @Transactional(readOnly = true)
  public Entry one(UUID farmId, UUID id) {
    return view(
        entries.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("entry")));
  }

  /** An entry by the name its writer gave it; empty while it is not kept. */
  @Transactional(readOnly = true)
  public Optional<Entry> find(UUID farmId, UUID id) {
    return entries.findByFarmIdAndId(farmId, id).map(Journal::view);
  }

  @Transactional
  public Entry add(UUID farmId, NewEntry entry) {
    return view(entries.save(new LogEntry(farmId, entry)));
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    entries.delete(
        entries.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("entry")));
  }

  private static Entry view(LogEntry e) {
    return new Entry(
        e.id,
        e.fieldId,
        e.linkId,
        e.kind,
        e.happenedOn,
        e.machineId,
        e.acres,
        e.pounds,
        e.lot,
        e.note,
        e.byName,
        e.details);
  }
}
