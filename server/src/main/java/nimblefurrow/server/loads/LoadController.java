package nimblefurrow.server.loads;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Loads of a machine on a field, as it is or as it might be, and all ways in compared. */
@RestController
@RequestMapping("/api/v1/loads")
class LoadController {
  /** Without a set-up the machine's own; the rate factor is 1 unless given. */
  record LoadForm(
      @NotNull UUID fieldId,
      @NotNull UUID machineId,
      @Maybe MachineSetup setup,
      @Maybe Double rateFactor) {}

  private final LoadDesk desk;
  private final CompareDesk compare;
  private final CurrentFarm current;

  LoadController(LoadDesk desk, CompareDesk compare, CurrentFarm current) {
    this.desk = desk;
    this.compare = compare;
    this.current = current;
  }

  @PostMapping
  @AskingOnly
  LoadDesk.LoadsView loads(@Valid @RequestBody LoadForm form) {
    double factor =
        form.rateFactor() == null
            ? 1
            : Limits.within(
                "rate as a multiple of the planned", form.rateFactor(), 0.1, 4, Unit.NONE);
    return desk.loads(current.id(), form.fieldId(), form.machineId(), form.setup(), factor);
  }

  @GetMapping("/methods/{fieldId}")
  List<CompareDesk.WayView> ways(@PathVariable UUID fieldId) {
    return compare.compare(current.id(), fieldId);
  }
}
