package nimblefurrow.server.seed;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.Records;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Seed lots with their tags. */
@Service
public class SeedLots {
  /** A lot; purity, germination and hard seed as shares 0–1. */
  public record LotView(
      UUID id,
      String species,
      String name,
      double purity,
      double germination,
      double hardSeed,
      @Maybe LocalDate testedOn,
      double pounds,
      boolean binRun,
      boolean untreated,
      boolean organic,
      String dealer,
      int version) {
    public SeedTag tag() {
      return new SeedTag(Share.of(purity), Share.of(germination), Share.of(hardSeed), testedOn);
    }
  }

  /** A lot as typed from its tag, where 98 and 0.98 both mean 98 %. */
  public record TypedLot(
      String species,
      String name,
      double purity,
      double germination,
      double hardSeed,
      LocalDate testedOn,
      double pounds,
      boolean binRun,
      boolean untreated,
      boolean organic,
      String dealer) {
    public TypedLot(
        String species,
        String name,
        double purity,
        double germination,
        double hardSeed,
        LocalDate testedOn,
        double pounds) {
      this(species, name, purity, germination, hardSeed, testedOn, pounds, false, false, false, "");
    }
  }

  private final SeedLotRows lots;
  private final Records records;

  SeedLots(SeedLotRows lots, Records records) {
    this.lots = lots;
    this.records = records;
  }

  @Transactional(readOnly = true)
  public List<LotView> all(UUID farmId) {
    return lots.findByFarmIdAndRetiredFalseOrderBySpeciesAscNameAsc(farmId).stream()
        .map(SeedLots::view)
        .toList();
  }

  /** The tag to reckon with for each species: that of the lot with the most seed. */
  public Map<String, SeedTag> tags(UUID farmId) {
    Map<String, LotView> largest = new HashMap<>();
    all(farmId)
        .forEach(
            lot -> largest.merge(lot.species(), lot, (a, b) -> a.pounds() >= b.pounds() ? a : b));
    Map<String, SeedTag> tags = new HashMap<>();
    largest.forEach((species, lot) -> tags.put(species, lot.tag()));
    return tags;
  }

  @Transactional
  public LotView add(UUID farmId, TypedLot typed) {
    return set(new SeedLot(farmId), typed);
  }

  @Transactional
  public LotView change(UUID farmId, UUID id, TypedLot typed, Integer version) {
    SeedLot lot = row(farmId, id);
    Conflict.refuseStale(lot.version, version);
    return set(lot, typed);
  }

  /** Takes a lot out of the store; its papers and what was sown of it stay. */
  @Transactional
  public Removed remove(UUID farmId, UUID id) {
    SeedLot lot = row(farmId, id);
    int kept = records.ofLot(farmId, id, lot.name);
    if (kept == 0) {
      lots.delete(lot);
      return Removed.gone(lot.name);
    }
    lot.retired = true;
    return Removed.retired(lot.name, kept);
  }

  private LotView set(SeedLot lot, TypedLot typed) {
    SeedTag tag =
        SeedTag.typed(typed.purity(), typed.germination(), typed.hardSeed(), typed.testedOn());
    lot.species = Catalogue.shipped().species(typed.species()).id();
    lot.name = typed.name().strip();
    lot.purity = tag.purity().fraction();
    lot.germination = tag.germination().fraction();
    lot.hardSeed = tag.hardSeed().fraction();
    lot.testedOn = typed.testedOn();
    lot.pounds = Limits.within("pounds in store", typed.pounds(), 0, 10_000_000, Unit.POUND);
    lot.binRun = typed.binRun();
    lot.untreated = typed.untreated();
    lot.organic = typed.organic();
    lot.dealer = typed.dealer() == null ? "" : typed.dealer().strip();
    return view(lots.saveAndFlush(lot));
  }

  /** Refuses a lot that is not this farm's. */
  @Transactional(readOnly = true)
  public LotView one(UUID farmId, UUID id) {
    return view(row(farmId, id));
  }

  private SeedLot row(UUID farmId, UUID id) {
    return lots.findByFarmIdAndIdAndRetiredFalse(farmId, id)
        .orElseThrow(() -> new NotOnThisFarm("seed lot"));
  }

  private static LotView view(SeedLot l) {
    return new LotView(
        l.id,
        l.species,
        l.name,
        l.purity,
        l.germination,
        l.hardSeed,
        l.testedOn,
        l.pounds,
        l.binRun,
        l.untreated,
        l.organic,
        l.dealer,
        l.version);
  }
}
