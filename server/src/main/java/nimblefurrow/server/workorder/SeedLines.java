package nimblefurrow.server.workorder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.cover.SeedLine;
import nimblefurrow.server.platform.files.Paper;
import nimblefurrow.server.seed.SeedLots;

/** Seed lines of a work order, with the lots that it may come from. */
final class SeedLines {
  private SeedLines() {}

  static List<Map<String, Object>> of(
      List<SeedLine> seed, List<SeedLots.LotView> lots, Paper paper) {
    Map<String, List<String>> lotNames = new HashMap<>();
    lots.forEach(
        l ->
            lotNames
                .computeIfAbsent(l.species(), s -> new ArrayList<>())
                .add(
                    l.name()
                        + (l.binRun() ? " (bin-run)" : "")
                        + (l.organic() ? " (organic)" : "")));
    return seed.stream()
        .map(
            m ->
                Map.<String, Object>of(
                    "name", m.name(),
                    "live", paper.number(m.liveRate(), Unit.POUND_PER_ACRE, 1),
                    "bulk", paper.number(m.bulkRate(), Unit.POUND_PER_ACRE, 1),
                    "pounds", paper.number(m.fieldPounds(), Unit.POUND, 0),
                    "lots", String.join(", ", lotNames.getOrDefault(m.species(), List.of("none")))))
        .toList();
  }
}
