package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.season.look.SharedCounts;
import nimblefurrow.core.season.look.Sightings;

/** The covers of a farm of which stems were counted, as the journal tells them. */
final class CountedCovers {
  private CountedCovers() {}

  static List<SharedCounts.Counted> of(List<Entry> entries) {
    Set<UUID> counted = new LinkedHashSet<>();
    for (Entry entry : entries) {
      if (entry.fact() instanceof StemsCounted) {
        counted.add(entry.link());
      }
    }
    Map<UUID, List<Entry>> byCover = new LinkedHashMap<>();
    for (Entry entry : entries) {
      if (counted.contains(entry.link())) {
        byCover.computeIfAbsent(entry.link(), c -> new ArrayList<>()).add(entry);
      }
    }
    List<SharedCounts.Counted> all = new ArrayList<>();
    byCover.forEach((cover, of) -> all.addAll(of(cover, Story.of(of))));
    return all;
  }

  private static List<SharedCounts.Counted> of(UUID cover, Story story) {
    Map<String, List<Sightings.Stems>> bySpecies = new LinkedHashMap<>();
    for (Sightings.Stems stems : Sightings.stems(story)) {
      bySpecies.computeIfAbsent(stems.species(), s -> new ArrayList<>()).add(stems);
    }
    return story.sown().stream()
        .flatMap(
            sown ->
                bySpecies.entrySet().stream()
                    .map(
                        of ->
                            new SharedCounts.Counted(
                                cover, of.getKey(), sown, story.lot(), of.getValue())))
        .toList();
  }
}
