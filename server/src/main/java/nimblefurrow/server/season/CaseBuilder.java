package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CurveScale;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.Sightings;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.server.farm.Chains.Link;
import nimblefurrow.server.farm.CoverDetails;
import nimblefurrow.server.farm.Fields.FieldView;
import nimblefurrow.server.farm.LinkKind;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;

/** Puts a field's chain and journal into the terms in which core works out a season. */
final class CaseBuilder {
  private static final int LATE_PLANTING_DAYS = 35;

  private CaseBuilder() {}

  /** A crop of the chain with the cover and the crop after it. */
  record Stretch(Link crop, Optional<Link> cover, Optional<Link> next) {}

  /** The chain cut into crop, cover and next crop. */
  static List<Stretch> stretches(List<Link> chain) {
    List<Stretch> stretches = new ArrayList<>();
    Link crop = null;
    Link cover = null;
    for (Link link : chain) {
      if (link.kind() == LinkKind.CROP) {
        if (crop != null) {
          stretches.add(new Stretch(crop, Optional.ofNullable(cover), Optional.of(link)));
        }
        crop = link;
        cover = null;
      } else if (link.kind() == LinkKind.COVER) {
        cover = link;
      }
    }
    if (crop != null) {
      stretches.add(new Stretch(crop, Optional.ofNullable(cover), Optional.empty()));
    }
    return stretches;
  }

  /**
   * Which stretch is running on a day. The sheet turns once a year for all fields, on 5 June, when
   * spring's planting is over: from then on the crop planted last runs.
   */
  static int running(List<Stretch> stretches, LocalDate today, Site site) {
    LocalDate turn = site.season(today.getYear(), 6, 5);
    turn = today.isBefore(turn) ? turn.minusYears(1) : turn;
    LocalDate latest =
        turn.plusDays(LATE_PLANTING_DAYS).isBefore(today)
            ? turn.plusDays(LATE_PLANTING_DAYS)
            : today;
    int running = 0;
    for (int i = 1; i < stretches.size(); i++) {
      if (!stretches.get(i).crop().starts().isAfter(latest)) {
        running = i;
      }
    }
    return running;
  }

  static FieldCase build(
      FieldView field, Stretch stretch, List<Entry> entries, Catalogue catalogue, Outlook outlook) {
    Link crop = stretch.crop();
    List<Observation> seen = new ArrayList<>();
    LocalDate harvested = null;
    for (Entry entry : of(entries, crop)) {
      if (entry.kind() == EntryKind.HARVESTED) {
        harvested = harvested == null ? entry.on() : harvested;
      } else if (entry.kind() == EntryKind.CROP_STAGE && entry.details().stage() != null) {
        seen.add(new Observation(entry.details().stage(), entry.on()));
      }
    }
    return new FieldCase(
        field.facts(),
        crop.crop().planting(crop.starts(), harvested, seen),
        stretch.cover().map(cover -> plan(cover, of(entries, cover), catalogue, outlook)),
        next(stretch));
  }

  static CoverPlan plan(CoverDetails details, Catalogue catalogue) {
    return CoverPlan.of(details.mix(catalogue), details.goal(), details.way(), details.route())
        .planned(details.planned());
  }

  private static CoverPlan plan(
      Link cover, List<Entry> entries, Catalogue catalogue, Outlook outlook) {
    CoverPlan plan = plan(cover.cover(), catalogue);
    LocalDate seeded = null;
    LocalDate ended = null;
    List<Sightings.Stems> stems = new ArrayList<>();
    List<Sightings.Sample> samples = new ArrayList<>();
    for (Entry entry : entries) {
      EntryDetails d = entry.details();
      switch (entry.kind()) {
        case SEEDED -> seeded = seeded == null ? entry.on() : seeded;
        case ENDED -> ended = ended == null ? entry.on() : ended;
        case STEM_COUNT ->
            stems.add(
                new Sightings.Stems(
                    entry.on(), d.species(), new StemCount(d.spots(), d.stems(), d.past())));
        case BIOMASS ->
            samples.add(
                new Sightings.Sample(entry.on(), new Quadrats(d.frameSquareFeet(), d.dryGrams())));
        default -> {}
      }
    }
    CoverPlan known =
        new CoverPlan(
            plan.mix(),
            plan.goal(),
            plan.way(),
            plan.route(),
            plan.planned(),
            seeded,
            ended,
            plan.stageShift(),
            CurveScale.UNSAMPLED);
    return new Sightings(stems, samples).anchor(known, outlook);
  }

  /** The crop after the cover; where the chain ends, soybeans in mid-May are taken. */
  private static NextCrop next(Stretch stretch) {
    return stretch
        .next()
        .map(n -> new NextCrop(n.crop().kind(), n.starts()))
        .orElseGet(
            () ->
                new NextCrop(
                    CropKind.SOYBEANS,
                    LocalDate.of(stretch.crop().starts().plusDays(120).getYear() + 1, 5, 12)));
  }

  private static List<Entry> of(List<Entry> entries, Link link) {
    return entries.stream().filter(e -> e.linkId().equals(link.id())).toList();
  }
}
