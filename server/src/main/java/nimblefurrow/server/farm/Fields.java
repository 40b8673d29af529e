package nimblefurrow.server.farm;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.io.geojson.GeoJsonReader;
import org.locationtech.jts.io.geojson.GeoJsonWriter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fields and their land. */
@Service
public class Fields {
  /** A field; the boundary is a GeoJSON geometry. */
  public record FieldView(
      UUID id,
      String name,
      String farmstead,
      double acres,
      String boundary,
      SoilTexture soil,
      Drainage drainage,
      boolean tiled,
      boolean organic,
      double slopePercent,
      String note,
      int version) {

    public FieldFacts facts() {
      return new FieldFacts(Area.ofAcres(acres), soil, tiled, organic);
    }

    public Geometry shape() {
      return Fields.shape(boundary);
    }
  }

  /** What a person may say of a field's land. */
  public record Land(
      String name,
      String farmstead,
      SoilTexture soil,
      Drainage drainage,
      boolean tiled,
      boolean organic,
      double slopePercent,
      String note) {}

  private final LandFields fields;
  private final Farmsteads farmsteads;

  Fields(LandFields fields, Farmsteads farmsteads) {
    this.fields = fields;
    this.farmsteads = farmsteads;
  }

  @Transactional(readOnly = true)
  public List<FieldView> all(UUID farmId) {
    Map<UUID, String> names = new HashMap<>();
    farmsteads.findByFarmId(farmId).forEach(f -> names.put(f.id, f.name));
    return fields.findByFarmIdOrderByName(farmId).stream()
        .map(f -> view(f, names.get(f.farmsteadId)))
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
            farmId, land.name().strip(), boundary.area().acres(), geoJson(boundary.shape()));
    set(field, land);
    return view(fields.save(field), land.farmstead());
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
    return view(field, land.farmstead());
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    fields.delete(row(farmId, id));
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
    field.slopePercent = Limits.within("slope", land.slopePercent(), 0, 60, "%");
    field.note = land.note() == null ? "" : land.note();
  }

  private UUID steadId(LandField field, String name) {
    if (name == null || name.isBlank()) {
      return null;
    }
    return farmsteads.findByFarmId(field.farmId).stream()
        .filter(f -> f.name.equalsIgnoreCase(name.strip()))
        .findFirst()
        .orElseGet(
            () -> {
              var inside = shape(field.boundary).getInteriorPoint();
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
            .findFirstByFarmIdAndNameIgnoreCase(farmId, name.strip())
            .filter(f -> !f.id.equals(self))
            .isPresent();
    if (taken) {
      throw new Conflict("there is a field “" + name.strip() + "” already");
    }
  }

  private LandField row(UUID farmId, UUID id) {
    return fields.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("field"));
  }

  private static FieldView view(LandField f, String farmstead) {
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
        f.version);
  }

  static Geometry shape(String geoJson) {
    try {
      return new GeoJsonReader().read(geoJson);
    } catch (org.locationtech.jts.io.ParseException e) {
      throw new IllegalStateException("a kept boundary cannot be read", e);
    }
  }

  static String geoJson(Geometry shape) {
    GeoJsonWriter writer = new GeoJsonWriter(7);
    writer.setEncodeCRS(false);
    return writer.write(shape);
  }
}
