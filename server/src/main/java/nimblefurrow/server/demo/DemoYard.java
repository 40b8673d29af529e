package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.calibration.CalibrationDetails;
import nimblefurrow.server.calibration.CalibrationKind;
import nimblefurrow.server.calibration.Calibrations;
import nimblefurrow.server.machine.MachineSetups;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.otherwork.OtherWorks;
import org.springframework.stereotype.Component;

/** The demo farm's machines, set up and partly calibrated. All makes and prices are invented. */
@Component
class DemoYard {
  private final Machines machines;
  private final Calibrations calibrations;
  private final OtherWorks others;

  DemoYard(Machines machines, Calibrations calibrations, OtherWorks others) {
    this.others = others;
    this.machines = machines;
    this.calibrations = calibrations;
  }

  void fill(UUID farm) {
    MachineView drill =
        add(
            farm,
            "15 ft drill",
            MachineKind.DRILL,
            6.4,
            false,
            17,
            figures(
                "widthFt",
                15.0,
                "speedMph",
                5.0,
                "efficiency",
                0.70,
                "hopperFt3",
                30.0,
                "fill",
                0.95,
                "leastRateLbAc",
                4.0,
                "fillMinutes",
                6.0,
                "tenderLb",
                3000.0,
                "rows",
                24,
                "rowSpacingIn",
                7.5,
                "wheelFt",
                8.0,
                "slip",
                0.04,
                "scaleLow",
                0.0,
                "scaleHigh",
                100.0,
                "fixedPerYear",
                5200.0,
                "acresPerYear",
                900.0,
                "runningPerHour",
                62.0,
                "drivers",
                List.of("Wren Abara", "Otis Lindqvist")));
    add(
        farm,
        "Six-row interseeder",
        MachineKind.INTERSEEDER,
        8,
        false,
        14,
        figures(
            "widthFt",
            15.0,
            "speedMph",
            5.5,
            "efficiency",
            0.80,
            "hopperFt3",
            18.0,
            "fill",
            0.9,
            "leastRateLbAc",
            3.0,
            "fillMinutes",
            10.0,
            "rows",
            18,
            "rowsPerGap",
            3,
            "gapIn",
            30.0,
            "scaleLow",
            0.0,
            "scaleHigh",
            60.0,
            "fixedPerYear",
            3100.0,
            "acresPerYear",
            400.0,
            "runningPerHour",
            48.0,
            "drivers",
            List.of("Otis Lindqvist")));
    add(
        farm,
        "Meadowlark Air",
        MachineKind.AIRPLANE,
        95,
        true,
        16.5,
        figures(
            "widthFt",
            60.0,
            "speedMph",
            125.0,
            "ferryMph",
            135.0,
            "stripMiles",
            9.0,
            "hopperFt3",
            67.0,
            "fill",
            0.70,
            "loadLimitLb",
            4000.0,
            "fillMinutes",
            6.0,
            "turnSeconds",
            35.0,
            "quotePerAcre",
            15.5,
            "quotePerHour",
            1400.0,
            "quoteSetUp",
            90.0,
            "quoteThresholdLbAc",
            110.0,
            "leastAcres",
            150.0,
            "noticeDays",
            3));
    add(
        farm,
        "Juniper Drone Crew",
        MachineKind.DRONE,
        22,
        true,
        15,
        figures(
            "widthFt",
            30.0,
            "speedMph",
            14.0,
            "hopperFt3",
            2.6,
            "fill",
            0.95,
            "loadLimitLb",
            88.0,
            "fillMinutes",
            2.0,
            "batteries",
            6,
            "batteryMinutes",
            9.0,
            "chargers",
            3,
            "chargeMinutes",
            11.0,
            "coolMinutes",
            4.0,
            "turnSeconds",
            5.0,
            "gateLbMin",
            110.0,
            "leastRateLbAc",
            2.0,
            "quotePerAcre",
            15.0,
            "quotePerHour",
            340.0,
            "quoteSetUp",
            60.0,
            "quoteThresholdLbAc",
            75.0));
    add(
        farm,
        "30 ft combine seeder",
        MachineKind.COMBINE_SEEDER,
        10,
        false,
        6,
        figures(
            "widthFt",
            30.0,
            "speedMph",
            4.0,
            "efficiency",
            0.70,
            "hopperFt3",
            26.0,
            "fill",
            0.9,
            "leastRateLbAc",
            6.0,
            "fillMinutes",
            6.0,
            "grainTankBu",
            320.0,
            "yieldBuAc",
            58.0,
            "scaleLow",
            0.0,
            "scaleHigh",
            10.0,
            "fixedPerYear",
            2400.0,
            "acresPerYear",
            700.0,
            "runningPerHour",
            18.0,
            "drivers",
            List.of("Wren Abara")));
    add(
        farm,
        "Hollis slurry tank",
        MachineKind.SLURRY,
        4,
        true,
        32,
        figures(
            "tankGal",
            6000.0,
            "galPerAc",
            8000.0,
            "fillMinutes",
            16.0,
            "quotePerHour",
            190.0,
            "quoteSetUp",
            150.0));
    machines.add(farm, "20 ft roller-crimper", MachineKind.ROLLER, 9, false, 9);
    machines.add(farm, "90 ft sprayer", MachineKind.SPRAYER, 45, false, 8);
    machines.add(farm, "Eight-row planter", MachineKind.PLANTER, 14, false, 19);
    add(
        farm,
        "Eight-row combine",
        MachineKind.COMBINE,
        9,
        false,
        36,
        figures("drivers", List.of("Otis Lindqvist")));
    MachineView truck =
        add(
            farm,
            "Grain truck",
            MachineKind.OTHER,
            20,
            false,
            8,
            figures("drivers", List.of("Wren Abara", "Otis Lindqvist")));
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

  private MachineView add(
      UUID farm,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double cost,
      Map<String, Object> figures) {
    MachineView machine = machines.add(farm, name, kind, acresPerHour, hired, cost);
    return machines.setUp(farm, machine.id(), MachineSetups.of(figures), machine.version());
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

  private static Map<String, Object> figures(Object... namesAndValues) {
    Map<String, Object> figures = new HashMap<>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      figures.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return figures;
  }
}
