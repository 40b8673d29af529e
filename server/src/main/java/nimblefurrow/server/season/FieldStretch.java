package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.chain.ChainLink;
import nimblefurrow.core.chain.Ground;
import nimblefurrow.core.chain.Stretch;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.server.chain.CropDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;

/**
 * A stretch of a field's chain with the rows that its links are kept in. How a chain falls into
 * stretches is core's; see {@link Stretch}.
 *
 * @param crop the crop, or the cut that freed the ground under a cover
 * @param next the crop that follows, or the cut after which another cover follows
 */
record FieldStretch(Link crop, Optional<Link> cover, Optional<Link> next) {

  boolean afterCut() {
    return crop.kind() == LinkKind.CUT;
  }

  FieldStretch withoutCover() {
    return new FieldStretch(crop, Optional.empty(), next);
  }

  /** How the cover makes room for another; empty where a crop follows. */
  Optional<Clearing> clearing() {
    return next.filter(n -> n.kind() == LinkKind.CUT).map(n -> n.cut().on(n.starts()));
  }

  String nextWords() {
    return next.map(n -> Words.named(n)).orElse(Words.crop(CropKind.SOYBEANS));
  }

  /** A field's links as core takes them. */
  static List<ChainLink> links(List<Link> chain, List<Entry> entries) {
    return chain.stream()
        .map(
            l ->
                new ChainLink(
                    l.id(), kind(l), l.starts(), Optional.ofNullable(l.zoneId()), gone(l, entries)))
        .toList();
  }

  /** Stretches of core with the rows of their links. */
  static List<FieldStretch> of(List<Stretch> stretches, List<Link> chain) {
    Map<UUID, Link> byId = chain.stream().collect(Collectors.toMap(Link::id, l -> l));
    return stretches.stream()
        .map(
            s ->
                new FieldStretch(
                    ground(s.ground(), byId),
                    s.cover().map(byId::get),
                    s.next().map(n -> ground(n, byId))))
        .toList();
  }

  private static ChainLink.Kind kind(Link link) {
    return switch (link.kind()) {
      case CROP -> ChainLink.Kind.CROP;
      case COVER -> ChainLink.Kind.COVER;
      case CUT -> ChainLink.Kind.CUT;
    };
  }

  private static Optional<LocalDate> gone(Link link, List<Entry> entries) {
    return link.kind() != LinkKind.COVER
        ? Optional.empty()
        : Story.of(entries).of(link.id()).ended();
  }

  private static Link ground(Ground ground, Map<UUID, Link> byId) {
    Link link = byId.get(ground.link());
    if (ground.freed()) {
      return with(link, ground.starts(), CropDetails.freeFrom(ground.starts()));
    }
    return ground
        .cropCut()
        .map(day -> with(link, link.starts(), cutOn(link.crop(), day)))
        .orElse(link);
  }

  private static CropDetails cutOn(CropDetails d, LocalDate day) {
    Map<CropStage, LocalDate> dates = new HashMap<>(d.dates());
    dates.put(CropStage.HARVEST, day);
    return new CropDetails(d.kind(), d.maturity(), d.harvestMoisture(), dates, d.name());
  }

  private static Link with(Link link, LocalDate starts, CropDetails crop) {
    return new Link(
        link.id(),
        link.fieldId(),
        link.kind(),
        starts,
        link.zoneId(),
        crop,
        link.cover(),
        link.cut(),
        link.version());
  }
}
