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
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.termination.spray.Spraying;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.product.PlannedSprays;
import nimblefurrow.server.product.SprayProducts;
import nimblefurrow.server.product.SprayProducts.ProductView;
import nimblefurrow.server.season.FieldSeasons;
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

  private final SprayProducts products;
  private final PlannedSprays planned;
  private final Seasons seasons;
  private final SprayDesk desk;
  private final CurrentFarm current;

  SprayController(
      SprayProducts products,
      PlannedSprays planned,
      Seasons seasons,
      SprayDesk desk,
      CurrentFarm current) {
    this.planned = planned;
    this.products = products;
    this.seasons = seasons;
    this.desk = desk;
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
    return SprayView.of(
        desk.plan(
            current.id(),
            new SprayDesk.Asked(fieldId, zone, product, partner, on, carrier, tank, in)));
  }
}
