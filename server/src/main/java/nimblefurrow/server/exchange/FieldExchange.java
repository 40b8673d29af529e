package nimblefurrow.server.exchange;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Drainage;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Download;
import nimblefurrow.server.platform.GeoJson;
import nimblefurrow.server.platform.HeavyWork;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.platform.ReaderUnits;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fields from GeoJSON, KML and zipped shapefiles, previewed before they are kept; fields as
 * GeoJSON.
 */
@RestController
@RequestMapping("/api/exchange/fields")
class FieldExchange {
  private static final int MOST_FEATURES = 2000;
  private static final int BEGINNING = 200;
  private static final int BYTE_ORDER_MARK = 3;

  record Preview(List<PreviewField> fields, int good, int refused, double acres, boolean saved) {}

  record PreviewField(
      String name, @Maybe Double acres, @Maybe String boundary, @Maybe String problem) {}

  private final Fields fields;
  private final ZoneExchange zones;
  private final CurrentFarm current;
  private final ReaderUnits reader;
  private final JsonMapper json;
  private final HeavyWork heavy;

  FieldExchange(
      Fields fields,
      ZoneExchange zones,
      CurrentFarm current,
      ReaderUnits reader,
      JsonMapper json,
      HeavyWork heavy) {
    this.fields = fields;
    this.zones = zones;
    this.current = current;
    this.reader = reader;
    this.json = json;
    this.heavy = heavy;
  }

  /**
   * Reads a file and shows what is in it; with {@code save} keeps every good field, all or none.
   */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Preview bring(
      @RequestPart("file") MultipartFile file, @RequestParam(defaultValue = "false") boolean save)
      throws IOException {
    List<ReadFeature> read = heavy.run(() -> read(file));
    Map<String, Boundary> outlines = new HashMap<>();
    fields.all(current.id()).forEach(f -> outlines.put(ZoneExchange.key(f.name()), f.outline()));
    List<PreviewField> preview = new ArrayList<>();
    List<Boundary> boundaries = new ArrayList<>();
    List<ReadFeature> zoned = new ArrayList<>();
    for (ReadFeature feature : read) {
      try {
        if (feature.problem() != null) {
          throw new OutOfRange("boundary", feature.problem());
        }
        if (feature.zone() != null) {
          zoned.add(feature);
          continue;
        }
        Boundary boundary = Boundary.of(feature.name(), feature.shape());
        if (outlines.putIfAbsent(ZoneExchange.key(feature.name()), boundary) != null) {
          throw new OutOfRange("name", "there is a field “" + feature.name() + "” already");
        }
        preview.add(
            new PreviewField(
                feature.name(), boundary.area().acres(), GeoJson.text(boundary.shape()), null));
        boundaries.add(boundary);
      } catch (OutOfRange refused) {
        preview.add(new PreviewField(feature.name(), null, null, refused.in(reader.units())));
        boundaries.add(null);
      }
    }
    List<PreviewField> zonesSeen = zoned.stream().map(z -> zone(z, outlines)).toList();
    if (save) {
      keep(preview, boundaries);
      List<ReadFeature> good = new ArrayList<>(zoned);
      for (int i = zoned.size() - 1; i >= 0; i--) {
        if (zonesSeen.get(i).problem() != null) {
          good.remove(i);
        }
      }
      zones.keep(current.id(), good, fields.all(current.id()));
    }
    int good = (int) preview.stream().filter(p -> p.problem() == null).count();
    double acres =
        preview.stream().filter(p -> p.acres() != null).mapToDouble(PreviewField::acres).sum();
    List<PreviewField> all = new ArrayList<>(preview);
    all.addAll(zonesSeen);
    int zonesGood = (int) zonesSeen.stream().filter(p -> p.problem() == null).count();
    return new Preview(all, good + zonesGood, all.size() - good - zonesGood, acres, save);
  }

  private PreviewField zone(ReadFeature read, Map<String, Boundary> outlines) {
    String name = "%s, zone of %s".formatted(read.name(), read.zone().of());
    try {
      double acres = zones.checked(read, outlines);
      String shape = read.shape() == null ? null : GeoJson.text(read.shape());
      return new PreviewField(name, acres, shape, null);
    } catch (OutOfRange refused) {
      return new PreviewField(name, null, null, refused.in(reader.units()));
    }
  }

  @GetMapping(produces = "application/geo+json")
  ResponseEntity<byte[]> all() {
    ObjectNode collection = json.createObjectNode().put("type", "FeatureCollection");
    ArrayNode features = collection.putArray("features");
    for (FieldView field : fields.all(current.id())) {
      ObjectNode feature =
          features.addObject().put("type", "Feature").put("id", field.id().toString());
      feature
          .putObject("properties")
          .put("name", field.name())
          .put("farmstead", field.farmstead())
          .put("acres", Math.round(field.acres() * 1000) / 1000.0)
          .put("soil", field.soil().name())
          .put("tiled", field.tiled())
          .put("organic", field.organic());
      feature.set("geometry", json.readTree(field.boundary()));
      zones.write(field, features);
    }
    return Download.of(
        "fields.geojson", "application/geo+json", json.writeValueAsBytes(collection));
  }

  private void keep(List<PreviewField> preview, List<Boundary> boundaries) {
    UUID farm = current.id();
    for (int i = 0; i < preview.size(); i++) {
      if (boundaries.get(i) != null) {
        Land land =
            new Land(
                preview.get(i).name(),
                "",
                SoilTexture.SILT_LOAM,
                Drainage.MODERATE,
                false,
                false,
                0,
                "");
        fields.add(farm, boundaries.get(i), land);
      }
    }
  }

  private static List<ReadFeature> read(MultipartFile upload) {
    try (BufferedInputStream file = new BufferedInputStream(upload.getInputStream())) {
      file.mark(BEGINNING);
      byte[] start = file.readNBytes(BEGINNING);
      file.reset();
      if (ShapefileFields.zipped(start)) {
        return checked(ShapefileFields.read(file.readAllBytes()));
      }
      String text = new String(start, StandardCharsets.UTF_8).strip();
      if (text.startsWith("\uFEFF")) {
        file.skipNBytes(BYTE_ORDER_MARK);
        text = text.substring(1).strip();
      }
      return checked(
          text.startsWith("<") ? KmlFields.read(file.readAllBytes()) : GeoJsonFields.read(file));
    } catch (IOException broken) {
      throw new OutOfRange("file", "this file cannot be read");
    }
  }

  /** Refuses more fields than a file may hold, as soon as one too many is met. */
  static void refuseTooMany(int fields) {
    if (fields > MOST_FEATURES) {
      throw new OutOfRange("file", "a file holds at most %,d fields".formatted(MOST_FEATURES));
    }
  }

  private static List<ReadFeature> checked(List<ReadFeature> read) {
    if (read.isEmpty()) {
      throw new OutOfRange("file", "there is no field boundary in this file");
    }
    return read;
  }
}
