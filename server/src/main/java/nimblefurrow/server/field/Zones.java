package nimblefurrow.server.field;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.Zone;
import nimblefurrow.core.land.Zoning;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.season.LandPart;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.Records;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The zones of fields. */
@Service
public class Zones {
  /**
   * A zone of a field; the boundary is a GeoJSON geometry.
   *
   * @param share of the field, where it is not drawn
   * @param soil its own soil; null: the field's
   * @param tiled null: as in the field
   */
  public record ZoneView(
      UUID id,
      String name,
      double acres,
      @Maybe String boundary,
      @Maybe Double share,
      @Maybe SoilTexture soil,
      @Maybe Boolean tiled,
      int version) {
    /** Its ground, of a field with such soil. */
    LandPart part(SoilTexture fieldSoil, boolean fieldTiled) {
      return new LandPart(
          name, soil == null ? fieldSoil : soil, tiled == null ? fieldTiled : tiled);
    }
  }

  /** What a person may say of a zone. */
  public record Said(String name, String boundary, Double share, SoilTexture soil, Boolean tiled) {
    /** The zone, checked by itself. */
    public Zone zone() {
      return new Zone(
          name,
          Optional.ofNullable(boundary).map(b -> Boundary.of(name, GeoJson.shape(b))),
          Optional.ofNullable(share).map(Share::of),
          Optional.ofNullable(soil),
          Optional.ofNullable(tiled));
    }
  }

  private final FieldZones zones;
  private final LandFields fields;
  private final Records records;

  Zones(FieldZones zones, LandFields fields, Records records) {
    this.zones = zones;
    this.fields = fields;
    this.records = records;
  }

  /** The zones of all fields of a farm, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, List<ZoneView>> all(UUID farmId) {
    List<FieldZone> rows = zones.findByFarmIdOrderByName(farmId);
    Map<UUID, List<ZoneView>> all = new LinkedHashMap<>();
    if (!rows.isEmpty()) {
      Map<UUID, Double> acres = new LinkedHashMap<>();
      fields.findByFarmId(farmId).forEach(f -> acres.put(f.id, f.acres));
      rows.forEach(
          z ->
              all.computeIfAbsent(z.fieldId, f -> new ArrayList<>())
                  .add(view(z, acres.get(z.fieldId))));
    }
    return all;
  }

  @Transactional(readOnly = true)
  List<ZoneView> of(LandField field) {
    return zones.findByFarmIdAndFieldIdOrderByName(field.farmId, field.id).stream()
        .map(z -> view(z, field.acres))
        .toList();
  }

  /** The names of all zones, for what was logged of them. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names(UUID farmId) {
    Map<UUID, String> names = new HashMap<>();
    zones.findByFarmIdOrderByName(farmId).forEach(z -> names.put(z.id, z.name));
    return names;
  }

  /** Cuts a zone into a field. */
  @Transactional
  public ZoneView add(UUID farmId, UUID fieldId, Said said) {
    return set(field(farmId, fieldId), new FieldZone(farmId, fieldId), said);
  }

  @Transactional
  public ZoneView change(UUID farmId, UUID id, Said said, Integer version) {
    FieldZone zone = row(farmId, id);
    Conflict.refuseStale(zone.version, version);
    return set(field(farmId, zone.fieldId), zone, said);
  }

  /**
   * Takes a zone away; its land is the rest of the field again.
   *
   * @throws Conflict while a cover is planned in it or the logbook speaks of it
   */
  @Transactional
  public void remove(UUID farmId, UUID id) {
    FieldZone zone = row(farmId, id);
    if (records.ofZone(farmId, id) > 0) {
      throw new Conflict(
          "a cover or an entry of the logbook is of zone “%s”: it stays".formatted(zone.name));
    }
    zones.delete(zone);
  }

  private ZoneView set(LandField field, FieldZone zone, Said said) {
    List<Zone> all = new ArrayList<>();
    for (FieldZone other : zones.findByFarmIdAndFieldIdOrderByName(zone.farmId, zone.fieldId)) {
      if (!other.id.equals(zone.id)) {
        all.add(said(other).zone());
      }
    }
    all.add(said.zone());
    Boundary outline = Boundary.of(field.name, GeoJson.shape(field.boundary));
    Zone now = Zoning.of(outline, all).get(all.size() - 1);
    zone.name = now.name();
    zone.boundary = now.drawn().map(b -> GeoJson.text(b.shape())).orElse(null);
    zone.share = now.share().map(Share::fraction).orElse(null);
    zone.soil = now.soil().orElse(null);
    zone.tiled = now.tiled().orElse(null);
    return view(zones.saveAndFlush(zone), field.acres);
  }

  private static Said said(FieldZone z) {
    return new Said(z.name, z.boundary, z.share, z.soil, z.tiled);
  }

  private static ZoneView view(FieldZone z, double fieldAcres) {
    double acres = said(z).zone().area(Area.ofAcres(fieldAcres)).acres();
    return new ZoneView(z.id, z.name, acres, z.boundary, z.share, z.soil, z.tiled, z.version);
  }

  private LandField field(UUID farmId, UUID id) {
    return fields.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("field"));
  }

  private FieldZone row(UUID farmId, UUID id) {
    return zones.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("zone"));
  }
}
