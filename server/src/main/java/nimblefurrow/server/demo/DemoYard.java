package nimblefurrow.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.calibration.CalibrationDetails;
import nimblefurrow.server.calibration.CalibrationKind;
import nimblefurrow.server.calibration.Calibrations;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.otherwork.OtherWorks;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The demo farm's machines, set up and partly calibrated. All makes and prices are invented. */
@Component
class DemoYard {
  private final Machines machines;
  private final Calibrations calibrations;
  private final OtherWorks others;
  private final JsonMapper json;

  /** A machine of {@code demo/machines.json}; one that is bought bare has no set-up. */
  record DemoMachine(
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double costPerAcre,
      MachineSetup setUp) {}

  DemoYard(Machines machines, Calibrations calibrations, OtherWorks others, JsonMapper json) {
    this.json = json;
    this.others = others;
    this.machines = machines;
    this.calibrations = calibrations;
  }

  void fill(UUID farm) {
    Map<String, MachineView> added = new HashMap<>();
    for (DemoMachine machine : told()) {
      added.put(machine.name(), add(farm, machine));
    }
    MachineView drill = added.get("15 ft drill");
    MachineView truck = added.get("Grain truck");
    others.keep(
        farm,
        new OtherWorks.WrittenWork(
            UUID.randomUUID(),
            "Haul beans to the river",
            null,
            truck.id(),
            null,
            18.0,
            LocalDate.of(2026, 10, 5),
            LocalDate.of(2026, 10, 24),
            900.0,
            null,
            null,
            null));
    caught(farm, drill.id(), 38, 540);
    caught(farm, drill.id(), 48, 705);
  }

  private MachineView add(UUID farm, DemoMachine told) {
    MachineView machine =
        machines.add(
            farm, told.name(), told.kind(), told.acresPerHour(), told.hired(), told.costPerAcre());
    return told.setUp() == null
        ? machine
        : machines.setUp(farm, machine.id(), told.setUp(), machine.version());
  }

  private List<DemoMachine> told() {
    try (InputStream in = DemoYard.class.getResourceAsStream("/demo/machines.json")) {
      return List.of(json.readValue(in, DemoMachine[].class));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A catch test of last year's rye under eight rows over 200 ft. */
  private void caught(UUID farm, UUID machine, double setting, double grams) {
    calibrations.keep(
        farm,
        machine,
        CalibrationKind.CATCH,
        LocalDate.of(2026, 8, 24),
        "Rye A-26",
        "Otis Lindqvist",
        new CalibrationDetails(
            66.0, setting, 5.0, "", grams, 8, 7.5, null, null, 200.0, null, null, null, null, null,
            null, null, null, null, null));
  }
}
