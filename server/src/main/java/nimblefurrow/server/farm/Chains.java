package nimblefurrow.server.farm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The chain of crops and covers of each field, over the years. */
@Service
public class Chains {
  /** A link; a crop starts when planted, a cover when its season's seeding may begin. */
  public record Link(
      UUID id,
      UUID fieldId,
      LinkKind kind,
      LocalDate starts,
      @Maybe CropDetails crop,
      @Maybe CoverDetails cover,
      @Maybe CutDetails cut,
      int version) {}

  private final ChainLinks links;
  private final Fields fields;

  Chains(ChainLinks links, Fields fields) {
    this.links = links;
    this.fields = fields;
  }

  /** Every field's chain in order, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Link>> all(UUID farmId) {
    Map<UUID, List<Link>> chains = new LinkedHashMap<>();
    for (ChainLink link : links.findByFarmIdOrderByFieldIdAscStartsAsc(farmId)) {
      chains.computeIfAbsent(link.fieldId, f -> new ArrayList<>()).add(view(link));
    }
    return chains;
  }

  @Transactional(readOnly = true)
  public List<Link> of(UUID farmId, UUID fieldId) {
    return links.findByFarmIdAndFieldIdOrderByStarts(farmId, fieldId).stream()
        .map(Chains::view)
        .toList();
  }

  @Transactional(readOnly = true)
  public Link one(UUID farmId, UUID id) {
    return view(row(farmId, id));
  }

  @Transactional
  public Link addCrop(UUID farmId, UUID fieldId, LocalDate planted, CropDetails crop) {
    fields.one(farmId, fieldId);
    refuseNoCrop(crop);
    crop.planting(planted, null, List.of()); // refuses what cannot be
    return view(links.save(new ChainLink(farmId, fieldId, planted, crop, null, null)));
  }

  @Transactional
  public Link changeCrop(UUID farmId, UUID id, LocalDate planted, CropDetails crop, int version) {
    refuseNoCrop(crop);
    crop.planting(planted, null, List.of());
    ChainLink link = fresh(farmId, id, version, LinkKind.CROP);
    link.starts = planted;
    link.crop = crop;
    return view(link);
  }

  private static void refuseNoCrop(CropDetails crop) {
    if (crop.kind() == CropKind.FREE_GROUND) {
      throw new OutOfRange("crop", "crop is one that is planted: freed ground follows from a cut");
    }
  }

  /**
   * The day that gives a cover its place in the chain after a crop or a cut: past the day that was
   * meant for the cut, whenever it was done, and past a cut of the crop itself.
   *
   * @param ground the crop or the cut
   */
  @Transactional(readOnly = true)
  public LocalDate placeAfter(UUID farmId, UUID fieldId, UUID ground) {
    List<Link> chain = of(farmId, fieldId);
    int at = chain.stream().map(Link::id).toList().indexOf(ground);
    if (at < 0) {
      throw new NotOnThisFarm("crop or cut");
    }
    while (at + 1 < chain.size() && chain.get(at + 1).kind() == LinkKind.CUT) {
      at++;
    }
    return chain.get(at).starts().plusDays(1);
  }

  /** Puts a cover after a crop, or changes the one that is there. */
  @Transactional
  public Link putCover(
      UUID farmId, UUID fieldId, LocalDate starts, CoverDetails cover, Optional<Link> existing) {
    fields.one(farmId, fieldId);
    cover.mix(Catalogue.shipped());
    if (existing.isEmpty()) {
      return view(links.save(new ChainLink(farmId, fieldId, starts, null, cover, null)));
    }
    ChainLink link = fresh(farmId, existing.get().id(), existing.get().version(), LinkKind.COVER);
    link.cover = cover;
    return view(link);
  }

  /**
   * Puts in a forage cut, or the end of a cover, so that another cover can follow before the next
   * crop.
   *
   * @throws OutOfRange when nothing stands to be cut on that day, or the cut before has no cover
   *     yet
   */
  @Transactional
  public Link addCut(UUID farmId, UUID fieldId, LocalDate day, CutDetails cut) {
    fields.one(farmId, fieldId);
    Link before =
        of(farmId, fieldId).stream()
            .filter(l -> l.starts().isBefore(day))
            .reduce((earlier, later) -> later)
            .orElseThrow(
                () -> new OutOfRange("day", "nothing stands in this field on %s".formatted(day)));
    if (before.kind() == LinkKind.CUT) {
      throw new OutOfRange(
          "day",
          "plan the cover after the cut of %s first: nothing else stands to be cut"
              .formatted(before.starts()));
    }
    if (before.kind() == LinkKind.CROP && cut.how() != Clearing.How.FORAGE_CUT) {
      throw new OutOfRange(
          "cover", "plan a cover first: before it, only the crop itself can be cut for forage");
    }
    return view(links.save(new ChainLink(farmId, fieldId, day, null, null, cut)));
  }

  /** Takes a link out; a cut that a cover rests on stays until that cover is taken out. */
  @Transactional
  public void remove(UUID farmId, UUID id) {
    ChainLink link = row(farmId, id);
    List<Link> chain = of(farmId, link.fieldId);
    int at = chain.stream().map(Link::id).toList().indexOf(id);
    if (link.kind == LinkKind.CUT
        && at > 0
        && chain.get(at - 1).kind() == LinkKind.COVER
        && at + 1 < chain.size()
        && chain.get(at + 1).kind() == LinkKind.COVER) {
      throw new Conflict("a cover is planned after this cut: take that cover out first");
    }
    links.delete(link);
  }

  private ChainLink fresh(UUID farmId, UUID id, int version, LinkKind kind) {
    ChainLink link = row(farmId, id);
    if (link.kind != kind) {
      throw new NotOnThisFarm(kind.name().toLowerCase());
    }
    if (link.version != version) {
      throw new Conflict(
          "someone else has changed this meanwhile: load it again, then repeat your change");
    }
    return link;
  }

  private ChainLink row(UUID farmId, UUID id) {
    return links
        .findByFarmIdAndId(farmId, id)
        .orElseThrow(() -> new NotOnThisFarm("crop or cover"));
  }

  private static Link view(ChainLink l) {
    return new Link(l.id, l.fieldId, l.kind, l.starts, l.crop, l.cover, l.cut, l.version);
  }
}
