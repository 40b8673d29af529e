package nimblefurrow.server.exchange;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.chain.CropTable;
import nimblefurrow.server.exchange.IncomingFields.Incoming;
import nimblefurrow.server.field.Drainage;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.platform.files.HeavyWork;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.ReaderUnits;
import nimblefurrow.server.taskdata.TaskDataFields;
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
 * Fields from GeoJSON, KML, zipped shapefiles, task data and tables, previewed before they are
 * kept; fields as GeoJSON.
 */
@RestController
@RequestMapping("/api/v1/exchange/fields")
class FieldExchange {
  private static final int BEGINNING = 200;
  private static final int BYTE_ORDER_MARK = 3;

  /**
   * @param columns titles of the columns that were recognised
   */
  record Preview(
      List<PreviewField> fields,
      Set<String> columns,
      int good,
      int refused,
      double acres,
      boolean saved) {}

  /**
   * A field as it would be kept.
   *
   * @param known whether the farm has it, and only its land and crops are told anew
   * @param land what its columns say of its land
   * @param notes cells that were not understood and are left out
   */
  record PreviewField(
      String name,
      @Maybe Double acres,
      @Maybe String boundary,
      @Maybe String problem,
      boolean known,
      @Maybe LandTold land,
      List<String> crops,
      List<String> notes) {
    static PreviewField refused(String name, String problem) {
      return new PreviewField(name, null, null, problem, false, null, List.of(), List.of());
    }
  }

  record LandTold(
      String farmstead, SoilTexture soil, Drainage drainage, boolean tiled, boolean organic) {
    static LandTold of(Land land) {
      return new LandTold(
          land.farmstead(), land.soil(), land.drainage(), land.tiled(), land.organic());
    }
  }

  private final Fields fields;
  private final IncomingFields incoming;
  private final ZoneExchange zones;
  private final CurrentFarm current;
  private final ReaderUnits reader;
  private final JsonMapper json;
  private final HeavyWork heavy;

  FieldExchange(
      Fields fields,
      IncomingFields incoming,
      ZoneExchange zones,
      CurrentFarm current,
      ReaderUnits reader,
      JsonMapper json,
      HeavyWork heavy) {
    this.fields = fields;
    this.incoming = incoming;
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
    List<FieldView> own = fields.all(current.id());
    Map<String, Boundary> outlines = new HashMap<>();
    own.forEach(f -> outlines.put(ZoneExchange.key(f.name()), f.outline()));
    List<ReadFeature> zoned = read.stream().filter(r -> r.zone() != null).toList();
    List<Incoming> brought =
        incoming.of(current.id(), read.stream().filter(r -> r.zone() == null).toList(), own);
    brought.stream()
        .filter(i -> i.boundary() != null)
        .forEach(i -> outlines.put(ZoneExchange.key(i.name()), i.boundary()));
    List<PreviewField> zonesSeen = zoned.stream().map(z -> zone(z, outlines)).toList();
    if (save) {
      incoming.keep(current.id(), brought);
      List<ReadFeature> good = new ArrayList<>(zoned);
      for (int i = zoned.size() - 1; i >= 0; i--) {
        if (zonesSeen.get(i).problem() != null) {
          good.remove(i);
        }
      }
      zones.keep(current.id(), good, fields.all(current.id()));
    }
    List<PreviewField> all = new ArrayList<>();
    brought.forEach(i -> all.add(preview(i)));
    all.addAll(zonesSeen);
    Set<String> columns = new TreeSet<>();
    brought.forEach(i -> columns.addAll(i.said().read()));
    int good = (int) all.stream().filter(p -> p.problem() == null).count();
    double acres =
        brought.stream()
            .filter(i -> i.boundary() != null)
            .mapToDouble(i -> i.boundary().area().acres())
            .sum();
    return new Preview(all, columns, good, all.size() - good, acres, save);
  }

  private PreviewField preview(Incoming one) {
    if (one.refused() != null) {
      return PreviewField.refused(one.name(), one.refused().in(reader.units()));
    }
    List<String> notes = new ArrayList<>(one.said().notes());
    one.crops().stream()
        .filter(c -> c.trouble() != null)
        .forEach(c -> notes.add(c.year() + ": " + c.trouble()));
    return new PreviewField(
        one.name(),
        one.boundary() == null ? null : one.boundary().area().acres(),
        one.boundary() == null ? null : GeoJson.text(one.boundary().shape()),
        null,
        one.known() != null,
        one.said().read().isEmpty() ? null : LandTold.of(one.land()),
        one.crops().stream()
            .filter(c -> c.trouble() == null)
            .map(CropTable.CropCell::words)
            .toList(),
        notes);
  }

  private PreviewField zone(ReadFeature read, Map<String, Boundary> outlines) {
    String name = "%s, zone of %s".formatted(read.name(), read.zone().of());
    try {
      double acres = zones.checked(read, outlines);
      String shape = read.shape() == null ? null : GeoJson.text(read.shape());
      return new PreviewField(name, acres, shape, null, false, null, List.of(), List.of());
    } catch (OutOfRange refused) {
      return PreviewField.refused(name, refused.in(reader.units()));
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
          .put("drainage", field.drainage().name())
          .put("slope", field.slopePercent())
          .put("tiled", field.tiled())
          .put("organic", field.organic());
      feature.set("geometry", json.readTree(field.boundary()));
      zones.write(field, features);
    }
    return Download.of(
        "fields.geojson", "application/geo+json", json.writeValueAsBytes(collection));
  }

  private static List<ReadFeature> read(MultipartFile upload) {
    try (BufferedInputStream file = new BufferedInputStream(upload.getInputStream())) {
      file.mark(BEGINNING);
      byte[] start = file.readNBytes(BEGINNING);
      file.reset();
      if (ShapefileFields.zipped(start)) {
        byte[] zip = file.readAllBytes();
        return checked(
            TaskDataFields.in(zip)
                .map(fields -> fields.stream().map(FieldExchange::feature).toList())
                .orElseGet(() -> ShapefileFields.read(zip)));
      }
      String text = new String(start, StandardCharsets.UTF_8).strip();
      if (text.startsWith("\uFEFF")) {
        file.skipNBytes(BYTE_ORDER_MARK);
        text = text.substring(1).strip();
      }
      if (text.startsWith("<")) {
        return checked(KmlFields.read(file.readAllBytes()));
      }
      return checked(text.startsWith("{") ? GeoJsonFields.read(file) : CsvFields.read(file));
    } catch (IOException broken) {
      throw new OutOfRange("file", "this file cannot be read");
    }
  }

  private static ReadFeature feature(TaskDataFields.Outline field) {
    return field.shape().isEmpty()
        ? new ReadFeature(field.name(), null, "this field has no outline in the file")
        : new ReadFeature(field.name(), field.shape(), null);
  }

  private static List<ReadFeature> checked(List<ReadFeature> read) {
    if (read.isEmpty()) {
      throw new OutOfRange("file", "there is no field boundary in this file");
    }
    return read;
  }
}
