package nimblefurrow.server.workorder;

import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Work orders as PDF. */
@RestController
@RequestMapping("/api/work-orders")
class WorkOrderController {
  private final WorkOrders orders;
  private final CurrentFarm current;

  WorkOrderController(WorkOrders orders, CurrentFarm current) {
    this.orders = orders;
    this.current = current;
  }

  /** All that a machine or crew has to sow: a list, then a page for each field. */
  @GetMapping("/machines/{machineId}")
  ResponseEntity<byte[]> printAll(@PathVariable UUID machineId) {
    return Download.of(
        "work-orders.pdf", "application/pdf", orders.printAll(current.id(), machineId));
  }

  @GetMapping("/{fieldId}/{machineId}")
  ResponseEntity<byte[]> print(@PathVariable UUID fieldId, @PathVariable UUID machineId) {
    return Download.of(
        "work-order.pdf", "application/pdf", orders.print(current.id(), fieldId, machineId));
  }
}
