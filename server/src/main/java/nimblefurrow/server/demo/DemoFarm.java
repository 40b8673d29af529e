package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.account.Accounts;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.CropDetails;
import nimblefurrow.server.chain.CutDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.Drainage;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.field.Zones;
import nimblefurrow.server.order.OrderDesk;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.seed.SeedLots;
import nimblefurrow.server.seed.SeedLots.TypedLot;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Builds the demo farm: land, crops, covers, machines, seed, and what was logged by its weather.
 */
@Service
public class DemoFarm {
  public static final String PLANNER = "wren@sorrelbend.example";
  public static final String OPERATOR = "otis@sorrelbend.example";
  public static final String PASSWORD = "cover-the-ground";
  static final long STATION = 302;
  private static final int ALL_FIELDS = 28;
  private static final LocalDate FIRST_DAY = LocalDate.of(2026, 9, 2);

  private final Farms farms;
  private final Fields fields;
  private final Zones zones;
  private final Chains chains;
  private final DemoYard yard;
  private final DemoMarks marks;
  private final DemoSprays sprays;
  private final SeedLots lots;
  private final OrderDesk orders;
  private final Accounts accounts;
  private final DemoLog log;

  DemoFarm(
      Farms farms,
      Fields fields,
      Zones zones,
      Chains chains,
      DemoYard yard,
      DemoMarks marks,
      DemoSprays sprays,
      SeedLots lots,
      OrderDesk orders,
      Accounts accounts,
      DemoLog log) {
    this.farms = farms;
    this.fields = fields;
    this.zones = zones;
    this.chains = chains;
    this.yard = yard;
    this.marks = marks;
    this.sprays = sprays;
    this.lots = lots;
    this.orders = orders;
    this.accounts = accounts;
    this.log = log;
  }

  /**
   * The invented Sorrel Bend Farm; with more than its 28 fields, they are repeated over other land.
   */
  @Transactional
  public void build(int fields) {
    build("Sorrel Bend Farm", PLANNER, OPERATOR, fields);
  }

  /** A farm with more fields of the same kind, for measuring. */
  @Transactional
  public UUID build(String name, String planner, String operator, int count) {
    UUID farm = land(name, count);
    accounts.add(farm, planner, "Wren Abara", PASSWORD, FarmUser.Role.PLANNER);
    accounts.add(farm, operator, "Otis Lindqvist", PASSWORD, FarmUser.Role.OPERATOR);
    return farm;
  }

  /** The farm without people: a farm's own copy, to look at and take apart. */
  @Transactional
  public UUID sample(UUID of) {
    UUID farm = land("Sorrel Bend Farm", ALL_FIELDS);
    farms.makeSample(farm, of);
    return farm;
  }

  private UUID land(String name, int count) {
    FarmView farm = farms.startDemo(name, 40.0, -97.0, STATION, FIRST_DAY);
    fields.addFarmstead(farm.id(), "Home place", 39.969, -97.078);
    fields.addFarmstead(farm.id(), "Creek place", 39.9774, -97.0246);
    fields.addFarmstead(farm.id(), "North place", 39.9858, -97.0575);
    yard.fill(farm.id());
    marks.draw(farm.id());
    sprays.stock(farm.id());
    seed(farm.id());
    dealers(farm.id());
    List<CSVRecord> rows = DemoTable.fields();
    for (int i = 0; i < count; i++) {
      field(farm, rows.get(i % rows.size()), i / rows.size());
    }
    return farm.id();
  }

  private void seed(UUID farm) {
    lots.add(
        farm, new TypedLot("cereal-rye", "Rye A-26", 98, 85, 0, LocalDate.of(2026, 5, 20), 42_000));
    lots.add(
        farm,
        new TypedLot(
            "winter-triticale", "Triticale T-26", 97, 88, 0, LocalDate.of(2026, 5, 28), 6_000));
    lots.add(farm, new TypedLot("oats", "Bin oats", 96, 90, 0, LocalDate.of(2026, 2, 3), 5_500));
    lots.add(
        farm, new TypedLot("hairy-vetch", "Vetch 7", 98, 72, 16, LocalDate.of(2025, 12, 1), 1_800));
    lots.add(
        farm,
        new TypedLot("crimson-clover", "Clover 3", 99, 86, 6, LocalDate.of(2026, 3, 18), 1_400));
  }

  /** Invented dealers and prices. */
  private void dealers(UUID farm) {
    orders.prices(
        farm,
        List.of(
            new OrderDesk.Price("cereal-rye", "Tansy Hollow Seed", 2000, 0.27),
            new OrderDesk.Price("winter-triticale", "Tansy Hollow Seed", 2000, 0.33),
            new OrderDesk.Price("oats", "Tansy Hollow Seed", 50, 0.31),
            new OrderDesk.Price("crimson-clover", "Brindle and Daughters", 50, 1.68),
            new OrderDesk.Price("hairy-vetch", "Brindle and Daughters", 50, 2.05)));
  }

  private void field(FarmView farm, CSVRecord row, int copy) {
    String name = row.get("name") + (copy == 0 ? "" : " " + (copy + 1));
    double x = DemoTable.number(row, "x") + (copy % 5) * 5;
    double y = DemoTable.number(row, "y") + (copy / 5) * 3;
    Boundary boundary =
        Boundary.of(
            name,
            DemoShapes.shape(
                row.get("shape"), x, y, DemoTable.number(row, "w"), DemoTable.number(row, "h")));
    FieldView field =
        fields.add(
            farm.id(),
            boundary,
            new Land(
                name,
                row.get("farmstead"),
                SoilTexture.valueOf(row.get("soil")),
                Drainage.valueOf(row.get("drainage")),
                row.get("tiled").equals("yes"),
                row.get("organic").equals("yes"),
                DemoTable.number(row, "slope"),
                "",
                name.equals("Barn Eighty") || name.equals("Cemetery Forty")
                    ? "Gate on Church lane, 16 ft; keep off the lane's soft shoulder after rain."
                    : ""));
    if (name.equals("Plum Thicket")) {
      zones.add(
          farm.id(), field.id(), new Zones.Said("Wet swale", null, 0.18, SoilTexture.CLAY, null));
    }
    chain(farm, field, row);
    log.write(farm, field, chains.of(farm.id(), field.id()));
  }

  /** Two seasons behind, the running one, and the crop to come. */
  private void chain(FarmView farm, FieldView field, CSVRecord row) {
    CropKind before = CropKind.valueOf(row.get("crop25"));
    CropKind now = CropKind.valueOf(row.get("crop26"));
    LocalDate planted = LocalDate.parse(row.get("planted"));
    boolean hadCover = !row.get("cover25").isBlank();
    LocalDate plantedBefore =
        before == CropKind.WINTER_WHEAT
            ? LocalDate.of(2024, 10, 3)
            : planted.withYear(2025).minusDays(1);
    if (hadCover) {
      CropKind first = before == CropKind.SOYBEANS ? CropKind.CORN_GRAIN : CropKind.SOYBEANS;
      LocalDate plantedFirst = LocalDate.of(2024, 5, 6);
      Link ground =
          chains.addCrop(
              farm.id(), field.id(), plantedFirst, crop(first, first.corn() ? 104 : 2.4));
      cover(farm, field, ground, rye(SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY));
    }
    Link earlier =
        chains.addCrop(
            farm.id(), field.id(), plantedBefore, crop(before, before.corn() ? 103 : 2.4));
    if (hadCover) {
      cover(farm, field, earlier, rye(SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY));
    }
    Link standing =
        chains.addCrop(
            farm.id(), field.id(), planted, crop(now, DemoTable.number(row, "maturity")));
    if (!row.get("cover26").isBlank()) {
      cover(
          farm,
          field,
          standing,
          new CoverDetails(
              Goal.valueOf(row.get("goal")),
              TerminationMethod.valueOf(row.get("route")),
              SeedingMethod.valueOf(row.get("way")),
              members(row.get("cover26")),
              null));
    }
    if (!row.get("cut").isBlank()) {
      LocalDate day = LocalDate.parse(row.get("cut"));
      Link cut = chains.addCut(farm.id(), field.id(), day, new CutDetails(Clearing.How.FORAGE_CUT));
      cover(farm, field, cut, rye(SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY));
    }
    CropKind next = CropKind.valueOf(row.get("next"));
    chains.addCrop(
        farm.id(),
        field.id(),
        LocalDate.parse(row.get("next_planted")),
        crop(next, next.corn() ? 105 : 2.4));
  }

  private void cover(FarmView farm, FieldView field, Link ground, CoverDetails cover) {
    chains.addCover(farm.id(), field.id(), ground.id(), null, cover);
  }

  private static CoverDetails rye(SeedingMethod way, TerminationMethod route) {
    return new CoverDetails(Goal.KEEP_NITROGEN, route, way, members("cereal-rye:1"), null);
  }

  private static CropDetails crop(CropKind kind, double maturity) {
    return new CropDetails(kind, maturity, 20, Map.of(), null);
  }

  private static List<CoverDetails.MemberDetails> members(String text) {
    List<CoverDetails.MemberDetails> members = new ArrayList<>();
    for (String member : text.split(";")) {
      String[] parts = member.split(":");
      members.add(new CoverDetails.MemberDetails(parts[0], Double.parseDouble(parts[1]), null));
    }
    return members;
  }
}
