package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropLine;
import nimblefurrow.core.chain.Rotation;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.weather.Site;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All crops of a farm as a table of fields and harvest years: read, laid as a rotation, kept. */
@Service
public class CropTable {
  private static final int MOST_YEARS = 6;

  /** A crop that stands in a cell of the table. */
  record CropInYear(int year, String words, UUID linkId) {}

  record CropRow(
      UUID fieldId, String field, String farmstead, double acres, List<CropInYear> cells) {}

  /**
   * A cell as it was written.
   *
   * @param fieldId else the field is told by its name
   */
  public record WrittenCrop(@Maybe UUID fieldId, @Maybe String field, int year, String text) {}

  /**
   * A cell as it was understood, or why it was not.
   *
   * @param field as the farm calls it, else as it was written
   */
  public record CropCell(
      @Maybe UUID fieldId,
      String field,
      int year,
      @Maybe CropKind kind,
      @Maybe LocalDate planted,
      @Maybe Double maturity,
      String words,
      @Maybe String trouble) {

    /** The same crop, of a field that is kept by now. */
    public CropCell in(UUID kept) {
      return new CropCell(kept, field, year, kind, planted, maturity, words, trouble);
    }
  }

  private final Farms farms;
  private final Fields fields;
  private final Chains chains;

  CropTable(Farms farms, Fields fields, Chains chains) {
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
  }

  List<CropRow> rows(UUID farmId, int from, int years) {
    Limits.within("years", years, 1, MOST_YEARS, Unit.NONE);
    FarmView farm = farms.view(farmId);
    Map<UUID, List<Link>> all = chains.all(farmId);
    return fields.all(farmId).stream()
        .map(
            f ->
                new CropRow(
                    f.id(),
                    f.name(),
                    f.farmstead(),
                    f.acres(),
                    crops(all.get(f.id())).stream()
                        .map(
                            l ->
                                new CropInYear(
                                    harvest(l, farm.site()), words(l, farm.units()), l.id()))
                        .filter(c -> c.year() >= from && c.year() < from + years)
                        .toList()))
        .toList();
  }

  /** Understands cells, each by itself: one that is not leaves the others as they are. */
  @Transactional(readOnly = true)
  public List<CropCell> read(UUID farmId, List<WrittenCrop> cells) {
    FarmView farm = farms.view(farmId);
    List<FieldView> land = fields.all(farmId);
    Map<UUID, List<Link>> all = chains.all(farmId);
    return cells.stream().map(cell -> read(cell, farm, land, all)).toList();
  }

  /** Understands cells of fields that the farm has not got yet. */
  @Transactional(readOnly = true)
  public List<CropCell> ofNewFields(UUID farmId, List<WrittenCrop> cells) {
    FarmView farm = farms.view(farmId);
    return cells.stream().map(cell -> understood(cell, null, cell.field(), farm)).toList();
  }

  private static CropCell understood(WrittenCrop cell, UUID fieldId, String field, FarmView farm) {
    try {
      Limits.within("year", cell.year(), 1990, 2100, Unit.NONE);
      CropLine line =
          CropLine.read(
              cell.text(),
              cell.year(),
              farm.site(),
              farm.units() == UnitSystem.US,
              farm.rules().figures());
      new CropDetails(
              line.kind(),
              line.maturity(),
              line.kind().usualMoisture(farm.rules().figures()),
              null,
              null)
          .planting(line.planted(), null, List.of())
          .checkedAt(farm.site(), farm.rules().figures());
      return new CropCell(
          fieldId,
          field,
          cell.year(),
          line.kind(),
          line.planted(),
          line.maturity() == 0 ? null : line.maturity(),
          words(line.kind(), line.planted(), line.maturity(), farm.units()),
          null);
    } catch (OutOfRange refused) {
      return refused(cell, fieldId, field, refused, farm);
    }
  }

  private static CropCell refused(
      WrittenCrop cell, UUID fieldId, String field, OutOfRange why, FarmView farm) {
    return new CropCell(
        fieldId, field, cell.year(), null, null, null, cell.text(), why.reason().in(farm.units()));
  }

  private static CropCell read(
      WrittenCrop cell, FarmView farm, List<FieldView> land, Map<UUID, List<Link>> all) {
    Optional<FieldView> field =
        land.stream()
            .filter(
                f ->
                    cell.fieldId() != null
                        ? f.id().equals(cell.fieldId())
                        : f.name().equalsIgnoreCase(String.valueOf(cell.field()).strip()))
            .findFirst();
    if (cell.fieldId() != null && field.isEmpty()) {
      throw new NotOnThisFarm("field");
    }
    String name = field.map(FieldView::name).orElse(String.valueOf(cell.field()));
    try {
      FieldView one =
          field.orElseThrow(() -> new OutOfRange("field", "no field is called “" + name + "”"));
      refuseTaken(crops(all.get(one.id())), cell.year(), farm.site());
    } catch (OutOfRange refused) {
      return refused(cell, field.map(FieldView::id).orElse(null), name, refused, farm);
    }
    return understood(cell, field.get().id(), name, farm);
  }

  private static void refuseTaken(List<Link> crops, int year, Site site) {
    crops.stream()
        .filter(l -> harvest(l, site) == year)
        .findFirst()
        .ifPresent(
            taken -> {
              throw new OutOfRange(
                  "crop",
                  "a crop planted %s stands here already: change it in the field"
                      .formatted(taken.starts()));
            });
  }

  /** A rotation laid over fields, as cells to look at before they are kept. */
  List<CropCell> rotation(UUID farmId, List<UUID> wanted, Rotation rotation, int from, int to) {
    Limits.within("years", to - from + 1, 1, MOST_YEARS, Unit.NONE);
    FarmView farm = farms.view(farmId);
    Map<UUID, List<Link>> all = chains.all(farmId);
    List<WrittenCrop> cells = new ArrayList<>();
    for (UUID id : wanted) {
      List<Rotation.Year> known =
          crops(all.get(id)).stream()
              .map(l -> new Rotation.Year(harvest(l, farm.site()), l.crop().kind()))
              .sorted(Comparator.comparingInt(Rotation.Year::harvest))
              .toList();
      rotation
          .over(known, from, to)
          .forEach(y -> cells.add(new WrittenCrop(id, null, y.harvest(), plain(y.crop()))));
    }
    return read(farmId, cells);
  }

  /** Keeps crops of many fields, all or none. */
  @Transactional
  public List<UUID> keep(UUID farmId, List<CropCell> cells) {
    FarmView farm = farms.view(farmId);
    List<UUID> added = new ArrayList<>();
    for (CropCell cell : cells) {
      if (cell.fieldId() == null || cell.kind() == null || cell.planted() == null) {
        throw new OutOfRange("crop", "crop and planted are given for " + cell.field());
      }
      try {
        Link link =
            chains.addCrop(
                farmId,
                cell.fieldId(),
                cell.planted(),
                new CropDetails(
                    cell.kind(),
                    cell.maturity() == null ? 0 : cell.maturity(),
                    cell.kind().usualMoisture(farm.rules().figures()),
                    null,
                    null));
        added.add(link.id());
      } catch (OutOfRange refused) {
        throw new OutOfRange(
            refused.field(), cell.field() + ": " + refused.reason().in(farm.units()));
      }
    }
    return added;
  }

  /** Takes back what was kept together; a crop that has got a cover since stays. */
  @Transactional
  int takeBack(UUID farmId, List<UUID> links) {
    Map<UUID, Link> known =
        chains.all(farmId).values().stream()
            .flatMap(List::stream)
            .collect(Collectors.toMap(Link::id, l -> l));
    for (UUID id : links) {
      if (!known.containsKey(id)) {
        throw new NotOnThisFarm("crop");
      }
    }
    links.forEach(id -> chains.remove(farmId, id));
    return links.size();
  }

  private static List<Link> crops(List<Link> chain) {
    return chain == null
        ? List.of()
        : chain.stream().filter(l -> l.kind() == LinkKind.CROP).toList();
  }

  private static int harvest(Link crop, Site site) {
    return crop.crop().kind().harvestYear(crop.starts(), site);
  }

  private static String words(Link crop, UnitSystem units) {
    CropDetails details = crop.crop();
    return details.name() == null
        ? words(details.kind(), crop.starts(), details.maturity(), units)
        : details.name() + " " + units.say(crop.starts());
  }

  private static String words(CropKind kind, LocalDate planted, double maturity, UnitSystem units) {
    String ripens =
        maturity == 0 ? "" : ", " + String.format(Locale.ROOT, "%.1f", maturity).replace(".0", "");
    return plain(kind) + " " + units.say(planted) + ripens;
  }

  private static String plain(CropKind kind) {
    return switch (kind) {
      case CORN_GRAIN -> "corn";
      case CORN_SILAGE -> "silage corn";
      case SOYBEANS -> "soybeans";
      case WINTER_WHEAT -> "wheat";
      case OATS -> "oats";
      case OTHER, FREE_GROUND -> "other crop";
    };
  }
}
