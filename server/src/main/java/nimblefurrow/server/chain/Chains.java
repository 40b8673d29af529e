package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.Records;
import nimblefurrow.server.platform.Removed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The chain of crops and covers of each field, over the years. */
@Service
public class Chains {
  private final ChainLinks links;
  private final Fields fields;
  private final Farms farms;
  private final Records records;

  Chains(ChainLinks links, Fields fields, Farms farms, Records records) {
    this.links = links;
    this.fields = fields;
    this.farms = farms;
    this.records = records;
  }

  /** Every field's chain in order, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Link>> all(UUID farmId) {
    Map<UUID, List<Link>> chains = new LinkedHashMap<>();
    for (LinkRow link : links.findByFarmIdAndRetiredFalseOrderByFieldIdAscPlaceAsc(farmId)) {
      chains.computeIfAbsent(link.fieldId, f -> new ArrayList<>()).add(view(link));
    }
    return chains;
  }

  @Transactional(readOnly = true)
  public List<Link> of(UUID farmId, UUID fieldId) {
    return rows(farmId, fieldId).stream().map(Chains::view).toList();
  }

  /** The kind of every crop that the farm has or had: what was logged of it stays. */
  @Transactional(readOnly = true)
  public Map<UUID, CropKind> crops(UUID farmId) {
    return links.findByFarmIdAndKind(farmId, LinkKind.CROP).stream()
        .collect(Collectors.toMap(l -> l.id, l -> l.cropDetails().kind()));
  }

  public Link one(UUID farmId, UUID id) {
    return view(row(farmId, id));
  }

  /**
   * Puts a crop before the first one that is planted later; what follows the earlier ones stays.
   */
  @Transactional
  public Link addCrop(UUID farmId, UUID fieldId, LocalDate planted, CropDetails crop) {
    fields.hold(farmId, fieldId);
    refuseImpossible(farmId, planted, crop);
    List<LinkRow> chain = rows(farmId, fieldId);
    int at = new ChainOrder(chain).ofCrop(planted);
    return insert(chain, at, new LinkRow(farmId, fieldId, planted, crop, null, null));
  }

  /** Changes a crop in its place: it can be planted on any day between its neighbours. */
  @Transactional
  public Link changeCrop(UUID farmId, UUID id, LocalDate planted, CropDetails crop, int version) {
    refuseImpossible(farmId, planted, crop);
    LinkRow link = fresh(farmId, id, version, LinkKind.CROP);
    new ChainOrder(rows(farmId, link.fieldId)).refuseOutOfTurn(link, planted);
    link.starts = planted;
    link.crop = StoredCrop.of(crop);
    return view(links.saveAndFlush(link));
  }

  /**
   * Plants a crop on another day, or says why not and leaves all as it was.
   *
   * @return what speaks against it; empty where it is done
   */
  @Transactional
  public Optional<RuntimeException> replant(UUID farmId, Link crop, LocalDate planted) {
    try {
      changeCrop(farmId, crop.id(), planted, crop.crop(), crop.version());
      return Optional.empty();
    } catch (OutOfRange | Conflict refused) {
      return Optional.of(refused);
    }
  }

  private void refuseImpossible(UUID farmId, LocalDate planted, CropDetails crop) {
    if (crop.kind() == CropKind.FREE_GROUND) {
      throw new OutOfRange("crop", "crop is one that is planted: freed ground follows from a cut");
    }
    FarmView farm = farms.view(farmId);
    crop.planting(planted, null, List.of()).checkedAt(farm.site(), farm.rules().figures());
  }

  /**
   * Puts a cover after a crop or a cut; past what was meant to cut the crop itself.
   *
   * @param ground the crop or the cut
   * @param zone the zone that it is for alone; null for the whole field
   */
  @Transactional
  public Link addCover(UUID farmId, UUID fieldId, UUID ground, UUID zone, CoverDetails cover) {
    fields.hold(farmId, fieldId);
    cover.checked();
    List<LinkRow> chain = rows(farmId, fieldId);
    int at = new ChainOrder(chain).beforeCover(ground, zone);
    LocalDate starts = chain.get(at).starts.plusDays(1);
    LinkRow link = new LinkRow(farmId, fieldId, starts, null, cover, null);
    link.zoneId = zone;
    return insert(chain, at + 1, link);
  }

  @Transactional
  public Link changeCover(UUID farmId, UUID id, CoverDetails cover, int version) {
    LinkRow link = fresh(farmId, id, version, LinkKind.COVER);
    link.cover = StoredCover.of(cover.checked());
    return view(links.saveAndFlush(link));
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
    fields.hold(farmId, fieldId);
    List<LinkRow> chain = rows(farmId, fieldId);
    int at = new ChainOrder(chain).ofCut(day, cut);
    return insert(chain, at, new LinkRow(farmId, fieldId, day, null, null, cut));
  }

  /** Gives a new field the chain of the one it was cut from. */
  @Transactional
  public void copy(UUID farmId, UUID from, UUID to) {
    int place = 0;
    for (LinkRow l : rows(farmId, from)) {
      if (l.zoneId != null) {
        continue; // its zone stays with the field that it was cut from
      }
      LinkRow same =
          new LinkRow(farmId, to, l.starts, l.cropDetails(), l.coverDetails(), l.cutDetails());
      same.place = place++;
      links.save(same);
    }
  }

  /**
   * Takes a link out. What others rest on stays until they are out; a cover that is in the logbook
   * stays; a crop that is in the logbook leaves the chain and keeps its entries.
   */
  @Transactional
  public Removed remove(UUID farmId, UUID id) {
    LinkRow link = row(farmId, id);
    fields.hold(farmId, link.fieldId);
    List<LinkRow> chain = rows(farmId, link.fieldId);
    new ChainOrder(chain).refuseRestedOn(link);
    int kept = records.ofLink(farmId, id);
    if (kept > 0 && link.kind == LinkKind.COVER) {
      throw new Conflict(
          "this cover is in the logbook: it cannot be taken out of the plan any more");
    }
    String what = link.kind == LinkKind.CROP ? "this crop" : "this " + words(link.kind);
    link.place = null;
    if (kept > 0) {
      link.retired = true;
      links.saveAndFlush(link);
    } else {
      links.delete(link);
    }
    chain.remove(link);
    number(chain);
    return kept > 0 ? Removed.retired(what, kept) : Removed.gone(what);
  }

  private static String words(LinkKind kind) {
    return kind == LinkKind.COVER ? "cover" : "cut";
  }

  private Link insert(List<LinkRow> chain, int at, LinkRow link) {
    List<LinkRow> now = new ArrayList<>(chain);
    now.add(at, link);
    number(now);
    return view(links.save(link));
  }

  private static void number(List<LinkRow> chain) {
    for (int i = 0; i < chain.size(); i++) {
      chain.get(i).place = i;
    }
  }

  private LinkRow fresh(UUID farmId, UUID id, int version, LinkKind kind) {
    LinkRow link = row(farmId, id);
    if (link.kind != kind) {
      throw new NotOnThisFarm(kind == LinkKind.CROP ? "crop" : words(kind));
    }
    fields.hold(farmId, link.fieldId);
    Conflict.refuseStale(link.version, version);
    return link;
  }

  private List<LinkRow> rows(UUID farmId, UUID fieldId) {
    return new ArrayList<>(
        links.findByFarmIdAndFieldIdAndRetiredFalseOrderByPlace(farmId, fieldId));
  }

  private LinkRow row(UUID farmId, UUID id) {
    return links
        .findByFarmIdAndIdAndRetiredFalse(farmId, id)
        .orElseThrow(() -> new NotOnThisFarm("crop or cover"));
  }

  private static Link view(LinkRow l) {
    return new Link(
        l.id,
        l.fieldId,
        l.kind,
        l.starts,
        l.zoneId,
        l.cropDetails(),
        l.coverDetails(),
        l.cutDetails(),
        l.version);
  }
}
