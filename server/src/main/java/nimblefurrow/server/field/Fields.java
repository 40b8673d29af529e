package nimblefurrow.server.field;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Zones.ZoneView;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.Records;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.files.GeoJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fields and their land. */
@Service
public class Fields {
  /** What a person may say of a field's land. */
  public record Land(
      String name,
      String farmstead,
      SoilTexture soil,
      Drainage drainage,
      boolean tiled,
      boolean organic,
      double slopePercent,
      String note,
      String access) {
    public Land(
        String name,
        String farmstead,
        SoilTexture soil,
        Drainage drainage,
        boolean tiled,
        boolean organic,
        double slopePercent,
        String note) {
      this(name, farmstead, soil, drainage, tiled, organic, slopePercent, note, "");
    }

    /** What is taken of a field as long as nobody has said anything of it. */
    public static Land usual(String name) {
      return new Land(name, "", SoilTexture.SILT_LOAM, Drainage.MODERATE, false, false, 0, "");
    }
  }

  /** A field's outline as it was or shall be; retired ones are joined into others. */
  public record Outline(UUID id, String name, String boundary, boolean retired) {}

  private final LandFields fields;
  private final Zones zones;
  private final FarmsteadRows farmsteads;
  private final Records records;

  Fields(LandFields fields, Zones zones, FarmsteadRows farmsteads, Records records) {
    this.fields = fields;
    this.zones = zones;
    this.farmsteads = farmsteads;
    this.records = records;
  }

  /**
   * Lets nobody else change this field, its chain or its log until the change under way is done.
   */
  @Transactional
  public void hold(UUID farmId, UUID id) {
    fields.hold(farmId, id).orElseThrow(() -> new NotOnThisFarm("field"));
  }

  @Transactional(readOnly = true)
  public List<FieldView> all(UUID farmId) {
    Map<UUID, String> names = new HashMap<>();
    farmsteads.findByFarmId(farmId).forEach(f -> names.put(f.id, f.name));
    Map<UUID, List<ZoneView>> zoned = zones.all(farmId);
    return fields.findByFarmIdAndRetiredFalseOrderByName(farmId).stream()
        .map(f -> view(f, names.get(f.farmsteadId), zoned.getOrDefault(f.id, List.of())))
        .toList();
  }

  @Transactional(readOnly = true)
  public FieldView one(UUID farmId, UUID id) {
    LandField field = row(farmId, id);
    return view(field, steadName(farmId, field.farmsteadId));
  }

  /** Adds a field with its boundary; the name must be free on the farm. */
  @Transactional
  public FieldView add(UUID farmId, Boundary boundary, Land land) {
    refuseTaken(farmId, land.name(), null);
    LandField field =
        new LandField(
            farmId, land.name().strip(), boundary.area().acres(), GeoJson.text(boundary.shape()));
    set(field, land);
    return view(fields.save(field), land.farmstead(), List.of());
  }

  @Transactional
  public FieldView change(UUID farmId, UUID id, Land land, int version) {
    LandField field = row(farmId, id);
    if (field.version != version) {
      throw new Conflict(
          field.name
              + " was changed by someone else meanwhile: load it again, then repeat your change");
    }
    refuseTaken(farmId, land.name(), id);
    set(field, land);
    return view(fields.saveAndFlush(field), land.farmstead());
  }

  /** Takes a field out; one that something was written about is retired with it. */
  @Transactional
  public Removed remove(UUID farmId, UUID id) {
    LandField field = row(farmId, id);
    int kept = records.ofField(farmId, id);
    if (kept == 0) {
      fields.delete(field);
      return Removed.gone(field.name);
    }
    field.retired = true;
    return Removed.retired(field.name, kept);
  }

  /** The names of all fields, those that are retired among them, for what was logged of them. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names(UUID farmId) {
    return fields.findByFarmId(farmId).stream().collect(Collectors.toMap(f -> f.id, f -> f.name));
  }

  @Transactional
  public void addFarmstead(UUID farmId, String name, double latitude, double longitude) {
    farmsteads.save(new Farmstead(farmId, name, latitude, longitude));
  }

  private void set(LandField field, Land land) {
    field.name = land.name().strip();
    field.farmsteadId = steadId(field, land.farmstead());
    field.soil = Limits.given("soil", land.soil());
    field.drainage = Limits.given("drainage", land.drainage());
    field.tiled = land.tiled();
    field.organic = land.organic();
    field.slopePercent = Limits.within("slope", land.slopePercent(), 0, 60, Unit.PERCENT);
    field.note = land.note() == null ? "" : land.note();
    field.access = land.access() == null ? "" : land.access();
  }

  /** The outline of a field, for putting back later. */
  @Transactional(readOnly = true)
  public Outline outline(UUID farmId, UUID id) {
    LandField f = row(farmId, id);
    return new Outline(f.id, f.name, f.boundary, f.retired);
  }

  /** Sets an outline with its name; acres follow the outline. */
  @Transactional
  public FieldView redraw(UUID farmId, Outline outline) {
    LandField field = row(farmId, outline.id());
    if (!outline.retired()) {
      refuseTaken(farmId, outline.name(), field.id);
    }
    Boundary boundary = Boundary.of(outline.name(), GeoJson.shape(outline.boundary()));
    field.name = outline.name();
    field.boundary = outline.boundary();
    field.acres = boundary.area().acres();
    field.retired = outline.retired();
    return view(fields.saveAndFlush(field), steadName(farmId, field.farmsteadId));
  }

  /** Leaves a field out of a season, or takes it in again with a null season. */
  @Transactional
  public FieldView leaveOut(UUID farmId, UUID id, Integer season, String reason, Integer seen) {
    LandField field = row(farmId, id);
    Conflict.refuseOlder(field.version, seen);
    field.leftOutSeason = season;
    field.leftOutReason = season == null || reason == null ? "" : reason.strip();
    return view(fields.saveAndFlush(field), steadName(farmId, field.farmsteadId));
  }

  /**
   * Refuses a change of a field that was made on an older state of it.
   *
   * @param seen the version that was changed; null: whatever is kept
   */
  @Transactional(readOnly = true)
  public void refuseOlder(UUID farmId, UUID id, Integer seen) {
    Conflict.refuseOlder(row(farmId, id).version, seen);
  }

  /** A new field on a part of another, with the same land and farmstead. */
  @Transactional
  public FieldView part(UUID farmId, UUID of, String name, Boundary boundary) {
    FieldView whole = one(farmId, of);
    return add(
        farmId,
        boundary,
        new Land(
            name,
            whole.farmstead(),
            whole.soil(),
            whole.drainage(),
            whole.tiled(),
            whole.organic(),
            whole.slopePercent(),
            whole.note(),
            whole.access()));
  }

  @Transactional(readOnly = true)
  public List<Stead> farmsteads(UUID farmId) {
    return farmsteads.findByFarmId(farmId).stream()
        .map(f -> new Stead(f.name, f.latitude, f.longitude))
        .toList();
  }

  /** Where a farmstead lies. */
  public record Stead(String name, double latitude, double longitude) {}

  private UUID steadId(LandField field, String name) {
    if (name == null || name.isBlank()) {
      return null;
    }
    return farmsteads.findByFarmId(field.farmId).stream()
        .filter(f -> f.name.equalsIgnoreCase(name.strip()))
        .findFirst()
        .orElseGet(
            () -> {
              var inside = GeoJson.shape(field.boundary).getInteriorPoint();
              return farmsteads.save(
                  new Farmstead(field.farmId, name.strip(), inside.getY(), inside.getX()));
            })
        .id;
  }

  private String steadName(UUID farmId, UUID id) {
    return farmsteads.findByFarmId(farmId).stream()
        .filter(f -> f.id.equals(id))
        .map(f -> f.name)
        .findFirst()
        .orElse(null);
  }

  private void refuseTaken(UUID farmId, String name, UUID self) {
    boolean taken =
        fields
            .findFirstByFarmIdAndRetiredFalseAndNameIgnoreCase(farmId, name.strip())
            .filter(f -> !f.id.equals(self))
            .isPresent();
    if (taken) {
      throw new Conflict("there is a field “" + name.strip() + "” already");
    }
  }

  private LandField row(UUID farmId, UUID id) {
    return fields.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("field"));
  }

  private FieldView view(LandField f, String farmstead) {
    return view(f, farmstead, zones.of(f));
  }

  private static FieldView view(LandField f, String farmstead, List<ZoneView> zones) {
    return new FieldView(
        f.id,
        f.name,
        farmstead == null ? "" : farmstead,
        f.acres,
        f.boundary,
        f.soil,
        f.drainage,
        f.tiled,
        f.organic,
        f.slopePercent,
        f.note,
        f.access,
        f.leftOutSeason,
        f.leftOutReason,
        zones,
        f.version);
  }
}
