package nimblefurrow.server.order;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.order.OrderDesk.OrderView;
import nimblefurrow.server.order.OrderDesk.Price;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.ReaderUnits;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The seed order. */
@RestController
@RequestMapping("/api/v1/order")
class OrderController {
  /**
   * @param was the price that was changed, where the farm had one of its own; absent: whatever it
   *     is
   */
  record PriceForm(
      @NotBlank String species,
      @Maybe @Size(max = 120) String dealer,
      @NotNull Double packLb,
      @NotNull Double pricePerLb,
      @Maybe Double was) {}

  record Pasted(@NotBlank @Size(max = 100_000) String text) {}

  private final OrderDesk desk;
  private final StoreDesk store;
  private final OrderFiles files;
  private final CurrentFarm current;
  private final ReaderUnits reader;

  OrderController(
      OrderDesk desk, StoreDesk store, OrderFiles files, CurrentFarm current, ReaderUnits reader) {
    this.desk = desk;
    this.store = store;
    this.files = files;
    this.current = current;
    this.reader = reader;
  }

  @GetMapping
  OrderView order() {
    return desk.order(current.id());
  }

  /** What is left of each seed lot after what was logged as sown. */
  @GetMapping("/store")
  List<StoreDesk.LeftView> store() {
    return store.left(current.id());
  }

  @PutMapping("/prices")
  OrderView price(@Valid @RequestBody PriceForm f) {
    desk.refuseOther(current.id(), f.species(), f.was());
    desk.prices(
        current.id(), List.of(new Price(f.species(), f.dealer(), f.packLb(), f.pricePerLb())));
    return order();
  }

  /** Prices pasted from a spreadsheet; all lines are kept or none. */
  @PostMapping("/prices")
  OrderView paste(@Valid @RequestBody Pasted pasted) {
    desk.prices(current.id(), PastedPrices.read(pasted.text(), reader.units()));
    return order();
  }

  /** The order as a file: {@code csv}, {@code xlsx} or {@code pdf}. */
  @GetMapping("/file")
  ResponseEntity<byte[]> file(@RequestParam(defaultValue = "csv") String format) {
    OrderView order = desk.order(current.id());
    return switch (format) {
      case "csv" -> Download.of("seed-order.csv", "text/csv", files.csv(order));
      case "xlsx" ->
          Download.of(
              "seed-order.xlsx",
              "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
              files.xlsx(order));
      case "pdf" -> Download.of("seed-order.pdf", "application/pdf", files.pdf(order));
      default -> throw new OutOfRange("format", "format is csv, xlsx or pdf, got " + format);
    };
  }
}
