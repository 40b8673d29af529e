package nimblefurrow.server.machine;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.loads.UsualSetUp;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.SetUpSheet;
import nimblefurrow.core.yard.StarterYard;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Machines and hired crews. */
@RestController
@RequestMapping("/api/v1/machines")
class MachineController {
  record MachineForm(
      @NotBlank @Size(max = 80) String name,
      @NotNull MachineKind kind,
      @NotNull Double acresPerHour,
      boolean hired,
      @NotNull @DecimalMin("0") @DecimalMax("1000") Double costPerAcre,
      @Maybe Integer version) {}

  /**
   * A figure that a kind of machine is set up by; its key is that of the set-up.
   *
   * @param usual what is taken for it while it is not entered; absent where it has to be
   */
  record SheetFigure(String key, String words, Unit unit, @Maybe Double usual) {}

  /**
   * @param changesLoads whether loads and prices follow from it
   */
  record SheetGroup(String heading, boolean changesLoads, List<SheetFigure> figures) {}

  /** A machine that is offered to fill a yard with; its price is a starting value. */
  record Offered(
      String code,
      String words,
      MachineKind kind,
      boolean hired,
      double acresPerHour,
      BigDecimal costPerAcre) {}

  record YardForm(@NotEmpty @Size(max = 40) List<@NotBlank @Size(max = 60) String> codes) {}

  private final Machines machines;
  private final CurrentFarm current;

  MachineController(Machines machines, CurrentFarm current) {
    this.machines = machines;
    this.current = current;
  }

  @GetMapping
  List<MachineView> all() {
    return machines.all(current.id());
  }

  /** What a kind of machine is asked for. */
  @GetMapping("/sheet")
  List<SheetGroup> sheet(@RequestParam MachineKind kind, @RequestParam boolean hired) {
    Figures figures = machines.figures(current.id());
    return SetUpSheet.of(kind, hired).groups().stream()
        .map(
            g ->
                new SheetGroup(
                    g.heading(),
                    g.changesLoads(),
                    g.figures().stream()
                        .map(
                            f ->
                                new SheetFigure(
                                    f.code(),
                                    f.words(),
                                    f.unit(),
                                    UsualSetUp.of(f, kind, figures).orElse(null)))
                        .toList()))
        .toList();
  }

  @GetMapping("/yard")
  List<Offered> yard() {
    return StarterYard.all(machines.figures(current.id())).stream()
        .map(
            one ->
                new Offered(
                    one.code(),
                    one.words(),
                    one.kind(),
                    one.hired(),
                    one.rate().acresPerHour(),
                    one.costPerAcre().amount()))
        .toList();
  }

  /** Adds machines from the starter yard, all or none. */
  @PostMapping("/yard")
  List<MachineView> fromTheYard(@Valid @RequestBody YardForm form) {
    return form.codes().stream().map(code -> machines.add(current.id(), code)).toList();
  }

  @PostMapping
  MachineView add(@Valid @RequestBody MachineForm f) {
    return machines.add(
        current.id(), f.name(), f.kind(), f.acresPerHour(), f.hired(), f.costPerAcre());
  }

  @PutMapping("/{id}")
  MachineView change(@PathVariable UUID id, @Valid @RequestBody MachineForm f) {
    return machines.change(
        current.id(),
        id,
        f.name(),
        f.kind(),
        f.acresPerHour(),
        f.hired(),
        f.costPerAcre(),
        f.version());
  }

  /** Keeps a set-up made on a version of the machine. */
  @PutMapping("/{id}/setup")
  MachineView setUp(
      @PathVariable UUID id,
      @RequestParam(required = false) @Maybe Integer version,
      @RequestBody MachineSetup setup) {
    return machines.setUp(current.id(), id, setup, version);
  }

  @DeleteMapping("/{id}")
  Removed remove(@PathVariable UUID id) {
    return machines.remove(current.id(), id);
  }
}
