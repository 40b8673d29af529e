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

  @GetMapping("/{fieldId}/{machineId}")
  ResponseEntity<byte[]> print(@PathVariable UUID fieldId, @PathVariable UUID machineId) {
    return Download.of(
        "work-order.pdf", "application/pdf", orders.print(current.id(), fieldId, machineId));
  }
}
