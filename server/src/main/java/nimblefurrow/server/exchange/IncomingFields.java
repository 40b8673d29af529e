package nimblefurrow.server.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.chain.CropTable;
import nimblefurrow.server.chain.CropTable.CropCell;
import nimblefurrow.server.chain.CropTable.WrittenCrop;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.Land;
import org.springframework.stereotype.Component;

/** Fields of a file with their land and crops: looked at first, then kept together. */
@Component
class IncomingFields {
  /**
   * A field of a file.
   *
   * @param refused why it cannot be kept; then nothing else is told
   * @param known the field that the farm has by this name; null where it is new
   * @param boundary of a new field
   */
  record Incoming(
      String name,
      OutOfRange refused,
      FieldView known,
      Boundary boundary,
      Land land,
      List<CropCell> crops,
      LandColumns said) {
    static Incoming not(String name, OutOfRange why) {
      return new Incoming(name, why, null, null, null, List.of(), new LandColumns(Map.of()));
    }

    Incoming with(List<CropCell> understood) {
      return new Incoming(name, refused, known, boundary, land, understood, said);
    }
  }

  private final Fields fields;
  private final CropTable crops;
  private final Farms farms;

  IncomingFields(Fields fields, CropTable crops, Farms farms) {
    this.fields = fields;
    this.crops = crops;
    this.farms = farms;
  }

  List<Incoming> of(UUID farm, List<ReadFeature> read, List<FieldView> own) {
    LocalDate today = farms.today(farms.view(farm));
    Map<String, FieldView> known = new HashMap<>();
    own.forEach(f -> known.put(ZoneExchange.key(f.name()), f));
    Set<String> taken = new HashSet<>();
    List<Incoming> all = new ArrayList<>();
    List<WrittenCrop> ofNew = new ArrayList<>();
    List<WrittenCrop> ofKnown = new ArrayList<>();
    for (ReadFeature feature : read) {
      FieldView has = known.get(ZoneExchange.key(feature.name()));
      try {
        Incoming one = one(feature, has);
        if (!taken.add(ZoneExchange.key(feature.name()))) {
          throw new OutOfRange("name", "“" + feature.name() + "” stands in this file twice");
        }
        for (var crop : one.said().crops(today.getYear())) {
          UUID id = has == null ? null : has.id();
          (has == null ? ofNew : ofKnown)
              .add(new WrittenCrop(id, one.name(), crop.year(), crop.text()));
        }
        all.add(one);
      } catch (OutOfRange refused) {
        all.add(Incoming.not(feature.name(), refused));
      }
    }
    Map<String, List<CropCell>> cells = new HashMap<>();
    List<CropCell> understood = new ArrayList<>(crops.ofNewFields(farm, ofNew));
    understood.addAll(crops.read(farm, ofKnown));
    understood.forEach(
        c -> cells.computeIfAbsent(ZoneExchange.key(c.field()), k -> new ArrayList<>()).add(c));
    return all.stream()
        .map(
            i ->
                i.refused() == null
                    ? i.with(cells.getOrDefault(ZoneExchange.key(i.name()), List.of()))
                    : i)
        .toList();
  }

  private static Incoming one(ReadFeature feature, FieldView known) {
    if (feature.problem() != null) {
      throw new OutOfRange("boundary", feature.problem());
    }
    if (feature.shape() != null && known != null) {
      throw new OutOfRange("name", "there is a field “" + feature.name() + "” already");
    }
    if (feature.shape() == null && known == null) {
      throw new OutOfRange(
          "name",
          "no field is called “%s”, and this row has no boundary".formatted(feature.name()));
    }
    LandColumns columns = new LandColumns(feature.said());
    if (known != null) {
      Land told = columns.over(land(known), known.name());
      return new Incoming(known.name(), null, known, null, told, List.of(), columns);
    }
    Boundary boundary = Boundary.of(feature.name(), feature.shape());
    Land land = columns.land(feature.name());
    return new Incoming(feature.name(), null, null, boundary, land, List.of(), columns);
  }

  private static Land land(FieldView field) {
    return new Land(
        field.name(),
        field.farmstead(),
        field.soil(),
        field.drainage(),
        field.tiled(),
        field.organic(),
        field.slopePercent(),
        field.note(),
        field.access());
  }

  /** Keeps every field that was not refused, with its crops; all or none. */
  void keep(UUID farm, List<Incoming> incoming) {
    List<CropCell> cells = new ArrayList<>();
    for (Incoming one : incoming) {
      if (one.refused() == null) {
        UUID id =
            one.known() == null
                ? fields.add(farm, one.boundary(), one.land()).id()
                : fields.change(farm, one.known().id(), one.land(), one.known().version()).id();
        one.crops().stream().filter(c -> c.trouble() == null).forEach(c -> cells.add(c.in(id)));
      }
    }
    crops.keep(farm, cells);
  }
}
