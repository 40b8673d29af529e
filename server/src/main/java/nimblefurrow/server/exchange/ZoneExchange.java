package nimblefurrow.server.exchange;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.Zoning;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Zones;
import nimblefurrow.server.platform.files.GeoJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Zones in files of fields: features that name the field they belong to. */
@Component
class ZoneExchange {
  private final Zones zones;
  private final JsonMapper json;

  ZoneExchange(Zones zones, JsonMapper json) {
    this.zones = zones;
    this.json = json;
  }

  /**
   * A zone of a file when it can be one of its field.
   *
   * @param outlines the outlines of fields, on the farm or in the file, by name in small letters
   * @return the zone's acres
   */
  double checked(ReadFeature read, Map<String, Boundary> outlines) {
    Boundary field = outlines.get(key(read.zone().of()));
    if (field == null) {
      throw new OutOfRange(
          "zone", "there is no field “%s” for zone “%s”".formatted(read.zone().of(), read.name()));
    }
    return Zoning.of(field, List.of(said(read).zone())).get(0).area(field.area()).acres();
  }

  /** Keeps the zones of a file, of fields that the farm has by now. */
  void keep(UUID farm, List<ReadFeature> read, List<FieldView> fields) {
    Map<String, UUID> ids = new HashMap<>();
    fields.forEach(f -> ids.put(key(f.name()), f.id()));
    read.forEach(zone -> zones.add(farm, ids.get(key(zone.zone().of())), said(zone)));
  }

  /** A field's zones as features. */
  void write(FieldView field, ArrayNode features) {
    for (Zones.ZoneView zone : field.zones()) {
      ObjectNode feature =
          features.addObject().put("type", "Feature").put("id", zone.id().toString());
      ObjectNode said =
          feature
              .putObject("properties")
              .put("name", zone.name())
              .put("zoneOf", field.name())
              .put("acres", Math.round(zone.acres() * 1000) / 1000.0);
      if (zone.share() != null) {
        said.put("share", zone.share());
      }
      if (zone.soil() != null) {
        said.put("soil", zone.soil().name());
      }
      if (zone.tiled() != null) {
        said.put("tiled", zone.tiled());
      }
      feature.set(
          "geometry", zone.boundary() == null ? json.nullNode() : json.readTree(zone.boundary()));
    }
  }

  static String key(String field) {
    return field.strip().toLowerCase(Locale.ROOT);
  }

  private static Zones.Said said(ReadFeature read) {
    return new Zones.Said(
        read.name(),
        read.shape() == null ? null : GeoJson.text(read.shape()),
        read.zone().share(),
        read.zone().soil(),
        read.zone().tiled());
  }
}
