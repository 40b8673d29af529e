package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Dated;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.NitrogenNoted;
import nimblefurrow.core.journal.SoilFelt;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.season.FedGround;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;

/** What the journal and the rain gauges say of a field's ground. */
final class GroundNotes {
  private GroundNotes() {}

  /**
   * The land with what was read and felt on it, the nitrogen written down since its crop was
   * planted, and its weeds where they were scored.
   */
  static FieldFacts over(
      FieldFacts land,
      Story story,
      Map<LocalDate, Double> rain,
      LocalDate planted,
      Outlook outlook) {
    Figures figures = outlook.figures();
    Map<LocalDate, GroundSeen.Felt> felt = new HashMap<>();
    story
        .all(SoilFelt.class)
        .forEach(soil -> felt.put(soil.day(), soil.fact().feel().felt(figures)));
    Story since = story.from(planted);
    List<FedGround.Note> fed =
        since.all(NitrogenNoted.class).stream()
            .map(n -> new FedGround.Note(n.fact().tested(), n.fact().mean().mean()))
            .toList();
    return land.with(new GroundSeen(rain, felt))
        .fed(FedGround.nitrogen(fed, figures))
        .weedy(
            since
                .lastRead(WeedsScored.class)
                .map(tenths -> land.weeds().with(WeedLoad.of(tenths.mean().mean(), figures)))
                .orElse(land.weeds()));
  }

  /** The stage that light under the crop tells; empty where it tells none. */
  static Optional<Observation> light(Dated<LightRead> seen, CropKind kind, Figures figures) {
    return LeavesLost.full(kind, figures)
        .flatMap(
            full ->
                LeavesLost.seen(kind, seen.day(), seen.fact().canopy(full).leavesLost(), figures));
  }
}
