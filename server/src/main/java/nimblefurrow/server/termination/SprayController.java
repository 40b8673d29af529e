package nimblefurrow.server.termination;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.land.FieldShape;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.spray.FallBurndown;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.termination.spray.SprayKill;
import nimblefurrow.core.termination.spray.SprayPlan;
import nimblefurrow.core.termination.spray.Spraying;
import nimblefurrow.core.termination.spray.Tank;
import nimblefurrow.server.land.Marks;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.product.PlannedSprays;
import nimblefurrow.server.product.SprayProducts;
import nimblefurrow.server.product.SprayProducts.ProductView;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The farm's products, and a burndown of a field planned with them. */
@RestController
@RequestMapping("/api/v1/sprays")
class SprayController {
  record ProductForm(
      @NotNull UUID id,
      @NotBlank @Size(max = 80) String name,
      @NotBlank @Size(max = 80) String active,
      @NotNull Label.Kind kind,
      @Maybe Double poundsPerGallon,
      @Maybe Double rainFreeHours,
      @Maybe Double leastCarrier,
      @Maybe Integer plantBackCorn,
      @Maybe Integer plantBackSoybeans,
      @Maybe Integer reEntryHours,
      @Maybe Integer grazingDays,
      @Maybe Double bufferFt,
      @Maybe Boolean conditioned,
      @Maybe Integer version) {
    Label label() {
      return new ProductView(
              id,
              name,
              active.strip(),
              kind,
              poundsPerGallon,
              rainFreeHours,
              leastCarrier,
              plantBackCorn,
              plantBackSoybeans,
              reEntryHours,
              grazingDays,
              bufferFt,
              Boolean.TRUE.equals(conditioned),
              0)
          .label();
    }
  }

  record SprayMember(String species, double poundsAe, int kill, @Maybe String partner) {}

  record SprayWay(
      String words, int grass, @Maybe Integer broadleaf, int least, double moreDollars, int days) {}

  record TankView(
      double ouncesPerAcre,
      double acresPerTank,
      int fullTanks,
      double lastAcres,
      double lastGallons,
      double lastProductGallons,
      double tankProductGallons,
      double productGallons) {
    static TankView of(Tank t) {
      return new TankView(
          t.ouncesPerAcre(),
          t.acresPerTank(),
          t.fullTanks(),
          t.lastAcres(),
          t.lastGallons(),
          t.lastProductGallons(),
          t.tankProductGallons(),
          t.productGallons());
    }
  }

  /**
   * A burndown planned.
   *
   * @param acres of the field, {@code sprayed} less buffers
   * @param reaches share of a residual that reaches the soil now, {@code washed} after half an inch
   */
  record SprayView(
      String field,
      LocalDate on,
      LocalDate planting,
      String next,
      double poundsAe,
      double acres,
      double sprayed,
      List<SprayMember> members,
      List<SprayWay> ways,
      @Maybe TankView tank,
      List<String> forbids,
      List<String> against,
      List<String> mixing,
      List<String> asks,
      int reaches,
      int washed,
      @Maybe LocalDate fallUntil,
      @Maybe LocalDate fallUp) {}

  private final SprayProducts products;
  private final PlannedSprays planned;
  private final Seasons seasons;
  private final Marks marks;
  private final CurrentFarm current;

  SprayController(
      SprayProducts products,
      PlannedSprays planned,
      Seasons seasons,
      Marks marks,
      CurrentFarm current) {
    this.planned = planned;
    this.products = products;
    this.seasons = seasons;
    this.marks = marks;
    this.current = current;
  }

  @GetMapping("/products")
  List<ProductView> all() {
    return products.all(current.id());
  }

  @PostMapping("/products")
  List<ProductView> add(@Valid @RequestBody ProductForm form) {
    products.add(current.id(), form.id(), form.name().strip(), form.label());
    return all();
  }

  @PutMapping("/products/{id}")
  List<ProductView> change(@PathVariable UUID id, @Valid @RequestBody ProductForm form) {
    products.change(current.id(), id, form.name().strip(), form.label(), form.version());
    return all();
  }

  @DeleteMapping("/products/{id}")
  List<ProductView> remove(@PathVariable UUID id) {
    products.remove(current.id(), id);
    return all();
  }

  /**
   * The longest wait that a label of the farm's asks for before a crop.
   *
   * @param product that asks for it
   */
  record PlantBackView(boolean corn, int days, String product) {}

  @GetMapping("/plant-back")
  List<PlantBackView> plantBack() {
    List<ProductView> own = products.all(current.id());
    return Stream.of(longest(own, true), longest(own, false)).flatMap(Optional::stream).toList();
  }

  private static Optional<PlantBackView> longest(List<ProductView> own, boolean corn) {
    return own.stream()
        .filter(p -> days(p, corn) != null)
        .max(Comparator.comparingInt(p -> days(p, corn)))
        .map(p -> new PlantBackView(corn, days(p, corn), p.name()));
  }

  private static Integer days(ProductView product, boolean corn) {
    return corn ? product.plantBackCorn() : product.plantBackSoybeans();
  }

  /**
   * What a field's cover is to be sprayed with.
   *
   * @param product absent while nothing is planned
   */
  record PlannedView(@Maybe UUID product, @Maybe UUID partner) {}

  record PlanForm(@NotNull UUID product, @Maybe UUID partner, @Maybe UUID zone) {}

  @GetMapping("/fields/{fieldId}/planned")
  PlannedView planned(@PathVariable UUID fieldId, @RequestParam(required = false) UUID zone) {
    UUID cover = seasons.one(current.id(), fieldId, zone).running().key();
    return Optional.ofNullable(planned.all(current.id()).get(cover))
        .map(p -> new PlannedView(p.product().id(), p.partner().map(ProductView::id).orElse(null)))
        .orElse(new PlannedView(null, null));
  }

  /** Plans the spray: hours, work order and day sheet go by its labels from then on. */
  @PutMapping("/fields/{fieldId}/planned")
  PlannedView plan(@PathVariable UUID fieldId, @Valid @RequestBody PlanForm form) {
    FieldSeasons field = seasons.one(current.id(), fieldId, form.zone()).running();
    if (field.cover().isEmpty()) {
      throw new OutOfRange("cover", "there is no cover here to spray");
    }
    planned.plan(current.id(), field.key(), form.product(), form.partner());
    return planned(fieldId, form.zone());
  }

  /**
   * @param on day of it; today where none is said
   * @param carrier gal/ac of spray, {@code tank} gal, {@code in} what it is carried
   */
  @GetMapping("/fields/{fieldId}")
  SprayView plan(
      @PathVariable UUID fieldId,
      @RequestParam UUID product,
      @RequestParam(required = false) UUID partner,
      @RequestParam(required = false) UUID zone,
      @RequestParam(required = false) LocalDate on,
      @RequestParam(defaultValue = "15") double carrier,
      @RequestParam(defaultValue = "1000") double tank,
      @RequestParam(defaultValue = "WATER") Spraying.Carrier in) {
    UUID farm = current.id();
    OneField one = seasons.one(farm, fieldId, zone);
    FieldSeasons field = one.running();
    FieldSeason now = field.now();
    MatForecast mat =
        now.mat()
            .filter(
                m ->
                    now.field()
                        .cover()
                        .filter(c -> c.seeded() != null && c.ended() == null)
                        .isPresent())
            .orElseThrow(() -> new OutOfRange("cover", "there is no living cover here to spray"));
    LocalDate day = on == null ? one.day().today() : on;
    if (day.isBefore(one.day().today()) || day.isAfter(one.day().outlook().last())) {
      throw new OutOfRange(
          "date",
          "date is from %s to %s, got %s"
              .formatted(one.day().today(), one.day().outlook().last(), day));
    }
    Label label = products.one(farm, product).label();
    Optional<Label> second = Optional.ofNullable(partner).map(p -> products.one(farm, p).label());
    List<Marks.MarkView> near = marks.all(farm).stream().filter(m -> sprayed(m.kind())).toList();
    double buffer =
        Math.max(label.bufferFt().orElse(0.0), second.flatMap(Label::bufferFt).orElse(0.0));
    Area left =
        buffer <= 0
            ? now.field().facts().area()
            : FieldShape.away(
                field.field().outline(),
                near.stream().map(Marks.MarkView::geometry).toList(),
                Length.ofFeet(buffer));
    if (left.acres() <= 0) {
      throw new OutOfRange("buffer", "the buffer leaves nothing of this field to spray");
    }
    SprayPlan plan =
        SprayPlan.of(
            mat,
            day,
            now.field().next(),
            field.field().organic(),
            label,
            second,
            new Spraying(in, carrier, tank, left.acres()));
    return view(field, plan, left, FallBurndown.of(mat), one.day().units());
  }

  /** What a label's buffer is kept from. */
  private static boolean sprayed(MarkKind kind) {
    return switch (kind) {
      case OPEN_WATER, BEES, HOUSE, SENSITIVE_CROP -> true;
      default -> false;
    };
  }

  private static SprayView view(
      FieldSeasons field,
      SprayPlan plan,
      Area left,
      Optional<FallBurndown> fall,
      UnitSystem units) {
    boolean early = fall.filter(f -> !plan.on().isAfter(f.up())).isPresent();
    return new SprayView(
        field.field().name(),
        plan.on(),
        field.now().field().next().planned(),
        field.next(),
        plan.poundsPerAcre(),
        field.now().field().facts().area().acres(),
        left.acres(),
        plan.kills().stream()
            .map(
                k ->
                    new SprayMember(
                        k.species(), k.pounds(), Percent.of(k.kill()), k.partner().orElse(null)))
            .toList(),
        plan.ways().stream().map(SprayController::way).toList(),
        plan.tank().map(TankView::of).orElse(null),
        said(plan.forbids(), units),
        said(plan.against(), units),
        said(plan.mixing(), units),
        said(plan.asks(), units),
        (int) Math.round(plan.reachesSoil().percent()),
        (int) Math.round(plan.reachesWashed().percent()),
        early ? fall.get().until() : null,
        early ? fall.get().up() : null);
  }

  private static SprayWay way(SprayKill k) {
    return new SprayWay(
        k.way().words(),
        Percent.of(k.grass()),
        k.broadleaf() < 1 ? Percent.of(k.broadleaf()) : null,
        Percent.of(k.least()),
        k.moreDollars(),
        k.daysBetween());
  }

  private static List<String> said(List<Reason> reasons, UnitSystem units) {
    return reasons.stream().map(r -> r.in(units)).toList();
  }
}
