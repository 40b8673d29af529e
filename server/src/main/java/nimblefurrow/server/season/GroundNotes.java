package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.scouting.CanopyLight;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.SampleMean;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.season.FedGround;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.journal.Look;

/** What the journal and the rain gauges say of a field's ground. */
final class GroundNotes {
  private static final double PERCENT = 100;

  private GroundNotes() {}

  /**
   * The land with what was read and felt on it, the nitrogen written down since its crop was
   * planted, and its weeds where they were scored.
   */
  static FieldFacts over(
      FieldFacts land,
      List<Entry> entries,
      Map<LocalDate, Double> rain,
      Link crop,
      Outlook outlook) {
    Map<LocalDate, GroundSeen.Felt> felt = new HashMap<>();
    List<FedGround.Note> fed = new ArrayList<>();
    for (Entry entry : entries) {
      if (entry.kind() == EntryKind.SOIL_FEEL) {
        felt.put(entry.on(), entry.details().look().feel().felt(outlook.figures()));
      } else if (entry.kind() == EntryKind.NITROGEN && !entry.on().isBefore(crop.starts())) {
        Look look = entry.details().look();
        fed.add(new FedGround.Note(Boolean.TRUE.equals(look.tested()), readings(look, 1).mean()));
      }
    }
    return land.with(new GroundSeen(rain, felt))
        .fed(FedGround.nitrogen(fed, outlook.figures()))
        .weedy(
            weeds(entries, crop, outlook.figures()).map(land.weeds()::with).orElse(land.weeds()));
  }

  /** How weedy it was when it was last scored since a crop was planted; empty while it was not. */
  static Optional<WeedLoad> weeds(List<Entry> entries, Link crop, Figures figures) {
    return entries.stream()
        .filter(e -> e.kind() == EntryKind.WEEDS && !e.on().isBefore(crop.starts()))
        .reduce((a, b) -> b)
        .map(e -> WeedLoad.of(readings(e.details().look(), 1).mean(), figures));
  }

  /** The stage that light under the crop tells; empty where it tells none. */
  static Optional<Observation> light(Entry entry, CropKind kind, Figures figures) {
    return LeavesLost.full(kind, figures)
        .flatMap(
            full ->
                LeavesLost.seen(
                    kind,
                    entry.on(),
                    new CanopyLight(readings(entry.details().look(), PERCENT).values(), full)
                        .leavesLost(),
                    figures));
  }

  /** Readings of the spots, divided. */
  static SampleMean readings(Look look, double by) {
    return new SampleMean(look.readings().stream().mapToDouble(r -> r / by).toArray());
  }
}
