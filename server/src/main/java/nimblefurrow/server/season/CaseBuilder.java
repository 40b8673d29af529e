package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.Disced;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.look.SharedCounts;
import nimblefurrow.core.season.look.Sightings;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.Link;

/** Puts a field's chain and journal into the terms in which core works out a season. */
public final class CaseBuilder {
  private CaseBuilder() {}

  static FieldCase build(
      FieldFacts land,
      FieldStretch stretch,
      List<Entry> entries,
      Catalogue catalogue,
      SharedCounts counts,
      Map<LocalDate, Double> rain,
      Outlook outlook) {
    Link crop = stretch.crop();
    Story story = Story.of(entries);
    Story ofCrop = story.of(crop.id());
    List<Observation> seen = new ArrayList<>();
    ofCrop
        .all(CropStageSeen.class)
        .forEach(stage -> seen.add(new Observation(stage.fact().stage(), stage.day())));
    ofCrop
        .all(LightRead.class)
        .forEach(
            light ->
                GroundNotes.light(light, crop.crop().kind(), outlook.figures())
                    .ifPresent(seen::add));
    seen.sort(Comparator.comparing(Observation::seen));
    LocalDate harvested = ofCrop.harvested().orElse(null);
    FieldFacts facts = GroundNotes.over(land, story, rain, crop.starts(), outlook);
    return new FieldCase(
        facts,
        crop.crop().planting(crop.starts(), harvested, seen),
        stretch
            .cover()
            .map(
                cover ->
                    plan(
                            cover,
                            story.of(cover.id()),
                            catalogue,
                            facts.conditions(),
                            counts,
                            outlook)
                        .with(stretch.clearing().orElse(null))),
        next(stretch, outlook));
  }

  public static CoverPlan plan(CoverDetails details, Catalogue catalogue) {
    return CoverPlan.of(
            details.mix(catalogue), details.goal(), details.way(), details.termination())
        .planned(details.planned())
        .with(details.side(Map.of()));
  }

  private static CoverPlan plan(
      Link cover,
      Story story,
      Catalogue catalogue,
      StandConditions given,
      SharedCounts counts,
      Outlook outlook) {
    CoverPlan plan = plan(cover.cover().checked(), catalogue);
    Map<Operation, LocalDate> done = new HashMap<>();
    story.all(Disced.class).forEach(pass -> done.put(Operation.disc(done.size() + 1), pass.day()));
    story.slurrySpread().ifPresent(day -> done.put(Operation.SLURRY, day));
    CoverPlan known =
        counts.over(
            plan.with(cover.cover().side(done))
                .sown(story.sown().orElse(null))
                .ended(story.ended().orElse(null)),
            cover.id(),
            story.lot(),
            outlook);
    return Sightings.of(story, outlook.figures()).anchor(known, given, outlook);
  }

  private static NextCrop next(FieldStretch stretch, Outlook outlook) {
    return stretch
        .next()
        .map(n -> new NextCrop(n.crop().kind(), n.starts()))
        .orElseGet(
            () -> NextCrop.assumed(stretch.crop().starts(), outlook.site(), outlook.figures()));
  }
}
