package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.weather.Site;
import nimblefurrow.server.chain.Chains.Link;
import nimblefurrow.server.chain.CropDetails;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;

/**
 * A crop of the chain with the cover and what comes after it.
 *
 * @param crop the crop, or the cut that freed the ground under a cover
 * @param next the crop that follows, or the cut after which another cover follows
 */
record Stretch(Link crop, Optional<Link> cover, Optional<Link> next) {
  private static final int LATE_PLANTING_DAYS = 35;

  boolean afterCut() {
    return crop.kind() == LinkKind.CUT;
  }

  Stretch withoutCover() {
    return new Stretch(crop, Optional.empty(), next);
  }

  /** How the cover makes room for another; empty where a crop follows. */
  Optional<Clearing> clearing() {
    return next.filter(n -> n.kind() == LinkKind.CUT).map(n -> n.cut().on(n.starts()));
  }

  String nextWords() {
    return next.map(n -> Words.named(n)).orElse(Words.crop(CropKind.SOYBEANS));
  }

  /**
   * The chain cut into crop, cover and what follows. A cut of a cover begins a stretch of its own,
   * on the day on which it was done as far as the journal knows; a cut of the crop is its harvest.
   */
  static List<Stretch> of(List<Link> chain, List<Entry> entries, LocalDate today) {
    List<Stretch> stretches = new ArrayList<>();
    Link ground = null;
    Link cover = null;
    for (Link link : chain) {
      if (link.kind() == LinkKind.COVER) {
        cover = link;
      } else if (link.kind() == LinkKind.CUT && cover == null) {
        ground = ground == null ? null : cutForForage(ground, link.starts());
      } else {
        Link after = link.kind() == LinkKind.CUT ? freed(link, cover, entries, today) : link;
        if (ground != null) {
          stretches.add(new Stretch(ground, Optional.ofNullable(cover), Optional.of(after)));
        }
        ground = after;
        cover = null;
      }
    }
    if (ground != null) {
      stretches.add(new Stretch(ground, Optional.ofNullable(cover), Optional.empty()));
    }
    return stretches;
  }

  /**
   * Which stretch is running on a day. The sheet turns once a year for all fields, on 5 June, when
   * spring's planting is over: from then on the crop planted last runs. A cover after a cut runs
   * from the day of the cut.
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
      LocalDate by = stretches.get(i).afterCut() ? today : latest;
      if (!stretches.get(i).crop().starts().isAfter(by)) {
        running = i;
      }
    }
    return running;
  }

  private static Link cutForForage(Link crop, LocalDate day) {
    CropDetails d = crop.crop();
    Map<CropStage, LocalDate> dates = new HashMap<>(d.dates());
    dates.put(CropStage.HARVEST, day);
    return with(
        crop,
        crop.starts(),
        new CropDetails(d.kind(), d.maturity(), d.harvestMoisture(), dates, d.name()));
  }

  /** Ground under a cover is not free before the cut is logged, whatever was meant. */
  private static Link freed(Link cut, Link cover, List<Entry> entries, LocalDate today) {
    LocalDate tomorrow = today.plusDays(1);
    LocalDate day =
        CaseBuilder.of(entries, cover).stream()
            .filter(e -> e.kind() == EntryKind.CUT || e.kind() == EntryKind.ENDED)
            .map(Entry::on)
            .findFirst()
            .orElse(cut.starts().isBefore(tomorrow) ? tomorrow : cut.starts());
    return with(cut, day, CropDetails.freeFrom(day));
  }

  private static Link with(Link link, LocalDate starts, CropDetails crop) {
    return new Link(
        link.id(),
        link.fieldId(),
        link.kind(),
        starts,
        crop,
        link.cover(),
        link.cut(),
        link.version());
  }
}
