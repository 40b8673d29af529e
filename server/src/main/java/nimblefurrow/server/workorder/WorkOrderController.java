package nimblefurrow.server.workorder;

import java.util.UUID;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Work orders as PDF. */
@RestController
@RequestMapping("/api/v1/work-orders")
class WorkOrderController {
  private final WorkOrders orders;
  private final TerminationOrders terminations;
  private final CurrentFarm current;

  WorkOrderController(WorkOrders orders, TerminationOrders terminations, CurrentFarm current) {
    this.orders = orders;
    this.terminations = terminations;
    this.current = current;
  }

  /** All that a machine or crew has to sow: a list, then a page for each field. */
  @GetMapping("/machines/{machineId}")
  ResponseEntity<byte[]> printAll(@PathVariable UUID machineId) {
    return Download.of(
        "work-orders.pdf", "application/pdf", orders.printAll(current.id(), machineId));
  }

  /** How a field's cover is ended, by the way chosen or another. */
  @GetMapping("/terminations/{fieldId}")
  ResponseEntity<byte[]> printTermination(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) UUID zone,
      @RequestParam(required = false) TerminationMethod termination) {
    return Download.of(
        "work-order.pdf",
        "application/pdf",
        terminations.print(current.id(), fieldId, zone, termination));
  }

  @GetMapping("/{fieldId}/{machineId}")
  ResponseEntity<byte[]> print(@PathVariable UUID fieldId, @PathVariable UUID machineId) {
    return Download.of(
        "work-order.pdf", "application/pdf", orders.print(current.id(), fieldId, machineId));
  }
}
