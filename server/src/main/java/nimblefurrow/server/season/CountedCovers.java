package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.practice.Eye;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.SharedCounts;
import nimblefurrow.core.season.Sightings;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;

/** The covers of a farm of which stems were counted, as the journal tells them. */
final class CountedCovers {
  private CountedCovers() {}

  private record Name(UUID cover, String species) {}

  static List<SharedCounts.Counted> of(List<Entry> entries) {
    Map<UUID, Entry> sown = new LinkedHashMap<>();
    Map<Name, List<Sightings.Stems>> counts = new LinkedHashMap<>();
    for (Entry entry : entries) {
      EntryDetails d = entry.details();
      if (entry.kind() == EntryKind.SEEDED) {
        sown.putIfAbsent(entry.linkId(), entry);
      } else if (entry.kind() == EntryKind.STEM_COUNT && d.species() != null) {
        counts
            .computeIfAbsent(new Name(entry.linkId(), d.species()), n -> new ArrayList<>())
            .add(
                new Sightings.Stems(
                    entry.on(),
                    d.species(),
                    new StemCount(d.spots(), d.stems(), Eye.taken(d.past(), d.stems(), d.eye()))));
      }
    }
    List<SharedCounts.Counted> all = new ArrayList<>();
    counts.forEach(
        (name, stems) -> {
          Entry seeded = sown.get(name.cover());
          if (seeded != null) {
            all.add(
                new SharedCounts.Counted(
                    name.cover(), name.species(), seeded.on(), lot(seeded), stems));
          }
        });
    return all;
  }

  /** The lot of a sowing; empty where nobody wrote it down. */
  static String lot(Entry seeded) {
    return seeded.lot() == null ? "" : seeded.lot().strip();
  }
}
