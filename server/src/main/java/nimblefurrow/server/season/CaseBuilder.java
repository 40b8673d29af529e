package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.practice.Eye;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.RutDepth;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.MatSight;
import nimblefurrow.core.season.SharedCounts;
import nimblefurrow.core.season.Sightings;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.work.Operation;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;

/** Puts a field's chain and journal into the terms in which core works out a season. */
final class CaseBuilder {
  private static final double PERCENT = 100;

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
    List<Observation> seen = new ArrayList<>();
    LocalDate harvested = null;
    for (Entry entry : of(entries, crop)) {
      if (entry.kind() == EntryKind.HARVESTED) {
        harvested = harvested == null ? entry.on() : harvested;
      } else if (entry.kind() == EntryKind.CROP_STAGE && entry.details().stage() != null) {
        seen.add(new Observation(entry.details().stage(), entry.on()));
      } else if (entry.kind() == EntryKind.CANOPY_LIGHT) {
        GroundNotes.light(entry, crop.crop().kind(), outlook.figures()).ifPresent(seen::add);
      }
    }
    FieldFacts facts = GroundNotes.over(land, entries, rain, crop, outlook);
    return new FieldCase(
        facts,
        crop.crop().planting(crop.starts(), harvested, seen),
        stretch
            .cover()
            .map(
                cover ->
                    plan(cover, of(entries, cover), catalogue, facts.conditions(), counts, outlook)
                        .with(stretch.clearing().orElse(null))),
        next(stretch, outlook));
  }

  static CoverPlan plan(CoverDetails details, Catalogue catalogue) {
    return CoverPlan.of(details.mix(catalogue), details.goal(), details.way(), details.route())
        .planned(details.planned())
        .with(details.side(Map.of()));
  }

  private static CoverPlan plan(
      Link cover,
      List<Entry> entries,
      Catalogue catalogue,
      StandConditions given,
      SharedCounts counts,
      Outlook outlook) {
    CoverPlan plan = plan(cover.cover().checked(), catalogue);
    LocalDate seeded = null;
    LocalDate ended = null;
    LocalDate slurry = null;
    String lot = "";
    boolean rutted = false;
    List<Sightings.Stems> stems = new ArrayList<>();
    List<MatSight> weights = new ArrayList<>();
    List<Sightings.Stand> stands = new ArrayList<>();
    List<Sightings.Wintered> winters = new ArrayList<>();
    Map<Operation, LocalDate> done = new HashMap<>();
    for (Entry entry : entries) {
      EntryDetails d = entry.details();
      switch (entry.kind()) {
        case SEEDED -> {
          lot = seeded == null ? CountedCovers.lot(entry) : lot;
          seeded = seeded == null ? entry.on() : seeded;
        }
        case DISCED -> done.put(Operation.disc(done.size() + 1), entry.on());
        case SLURRY_SPREAD -> slurry = slurry == null ? entry.on() : slurry;
        case ENDED, CUT -> ended = ended == null ? entry.on() : ended;
        case STEM_COUNT ->
            stems.add(
                new Sightings.Stems(
                    entry.on(),
                    d.species(),
                    new StemCount(d.spots(), d.stems(), Eye.taken(d.past(), d.stems(), d.eye()))));
        case BIOMASS ->
            weights.add(
                new MatSight.Clipped(entry.on(), new Quadrats(d.frameSquareFeet(), d.dryGrams())));
        case HEIGHT ->
            weights.add(new MatSight.Tall(entry.on(), GroundNotes.readings(d.look(), 1)));
        case GROUND_COVER ->
            weights.add(
                new MatSight.Green(
                    entry.on(),
                    GroundNotes.readings(d.look(), PERCENT),
                    Boolean.TRUE.equals(d.look().photo())));
        case RUTS ->
            rutted = new RutDepth(GroundNotes.readings(d.look(), 1)).hinders(outlook.figures());
        case STAND_COUNT ->
            stands.add(
                new Sightings.Stand(
                    entry.on(),
                    d.species(),
                    new StandCount(
                        d.look().plants(),
                        d.look().squareFeet(),
                        Optional.ofNullable(d.look().stemsPerPlant()))));
        case WINTERED ->
            winters.add(
                new Sightings.Wintered(
                    entry.on(),
                    d.species(),
                    Share.of((double) d.look().alive() / d.look().looked())));
        default -> {}
      }
    }
    if (slurry != null) {
      done.put(Operation.SLURRY, slurry);
    }
    CoverPlan known =
        counts.over(
            plan.with(cover.cover().side(done)).sown(seeded).ended(ended),
            cover.id(),
            lot,
            outlook);
    return new Sightings(stems, weights, stands, winters, rutted).anchor(known, given, outlook);
  }

  private static NextCrop next(FieldStretch stretch, Outlook outlook) {
    return stretch
        .next()
        .map(n -> new NextCrop(n.crop().kind(), n.starts()))
        .orElseGet(
            () -> NextCrop.assumed(stretch.crop().starts(), outlook.site(), outlook.figures()));
  }

  static List<Entry> of(List<Entry> entries, Link link) {
    return entries.stream().filter(e -> e.linkId().equals(link.id())).toList();
  }
}
