package nimblefurrow.server.calibration;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.calibration.FieldCheck;
import nimblefurrow.core.calibration.NextSetting;
import nimblefurrow.core.calibration.NextSetting.Tried;
import nimblefurrow.core.calibration.NextSetting.Verdict;
import nimblefurrow.core.calibration.PanTest;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The calibrations of a machine, what they come to, and what to set next. */
@Service
public class Calibrations {
  /**
   * A calibration with what it comes to: rate (lb/ac) of a catch or a check, offered swath (ft) and
   * its CV of a pan test.
   */
  public record CalibrationView(
      UUID id,
      UUID machineId,
      CalibrationKind kind,
      LocalDate madeOn,
      String lot,
      String by,
      CalibrationDetails details,
      @Maybe Double rate,
      @Maybe Verdict verdict,
      @Maybe Double swathFt,
      @Maybe Double cv) {}

  /** The running correction of a machine with a lot: pounds laid over pounds meant. */
  public record Correction(String lot, double factor, int checks) {}

  private final CalibrationRows rows;
  private final Machines machines;
  private final FarmFigures figures;

  Calibrations(CalibrationRows rows, Machines machines, FarmFigures figures) {
    this.figures = figures;
    this.rows = rows;
    this.machines = machines;
  }

  @Transactional(readOnly = true)
  public List<CalibrationView> of(UUID farm, UUID machine) {
    machines.one(farm, machine);
    return rows.findByFarmIdAndMachineIdOrderBySeq(farm, machine).stream().map(this::view).toList();
  }

  @Transactional
  public CalibrationView keep(
      UUID farm,
      UUID machine,
      CalibrationKind kind,
      LocalDate day,
      String lot,
      String by,
      CalibrationDetails details) {
    machines.one(farm, machine);
    Calibration row = new Calibration(farm, machine, kind);
    row.madeOn = day;
    row.lot = lot == null ? "" : lot.strip();
    row.byName = by;
    row.details = StoredCalibration.of(details);
    view(row); // refuses what cannot be, before anything is kept
    return view(rows.save(row));
  }

  @Transactional
  public void remove(UUID farm, UUID id) {
    rows.delete(
        rows.findByFarmIdAndId(farm, id).orElseThrow(() -> new NotOnThisFarm("calibration")));
  }

  /** What to set next for a target; empty without a catch test at that speed and sprocket. */
  @Transactional(readOnly = true)
  public Optional<NextSetting> next(
      UUID farm, UUID machine, SeedRate target, Speed speed, String sprocket, String lot) {
    return next(
        of(farm, machine), machines.one(farm, machine).setup(), target, speed, sprocket, lot);
  }

  /**
   * @param kept of the machine, asked once for many fields
   */
  public static Optional<NextSetting> next(
      List<CalibrationView> kept,
      MachineSetup setup,
      SeedRate target,
      Speed speed,
      String sprocket,
      String lot) {
    List<Tried> tests = new ArrayList<>();
    for (CalibrationView c : kept) {
      boolean sameLot = lot == null || lot.isBlank() || c.lot().equalsIgnoreCase(lot.strip());
      if (c.kind() == CalibrationKind.CATCH && c.details().setting() != null && sameLot) {
        CalibrationDetails d = c.details();
        tests.add(
            new Tried(
                d.setting(),
                Speed.mph(d.mph() == null ? 0 : d.mph()),
                d.sprocket() == null ? "" : d.sprocket(),
                SeedRate.poundsPerAcre(c.rate())));
      }
    }
    try {
      return Optional.of(
          NextSetting.of(
              tests,
              target,
              speed,
              sprocket == null ? "" : sprocket,
              setup.scaleLow() == null ? 0 : setup.scaleLow(),
              setup.scaleHigh() == null ? 100 : setup.scaleHigh()));
    } catch (OutOfRange none) {
      if (none.field().equals("tests")) {
        return Optional.empty();
      }
      throw none;
    }
  }

  /** The running corrections of a machine, one for each lot that was checked. */
  @Transactional(readOnly = true)
  public List<Correction> corrections(UUID farm, UUID machine) {
    return corrections(of(farm, machine));
  }

  /**
   * @param kept of the machine, asked once for many fields
   */
  public static List<Correction> corrections(List<CalibrationView> kept) {
    Map<String, List<FieldCheck>> byLot = new LinkedHashMap<>();
    for (CalibrationView c : kept) {
      if (c.kind() == CalibrationKind.CHECK) {
        byLot.computeIfAbsent(c.lot(), l -> new ArrayList<>()).add(c.details().check());
      }
    }
    List<Correction> corrections = new ArrayList<>();
    byLot.forEach(
        (lot, checks) ->
            corrections.add(
                new Correction(lot, FieldCheck.running(checks).orElseThrow(), checks.size())));
    return corrections;
  }

  private CalibrationView view(Calibration c) {
    CalibrationDetails d = c.details.details();
    Double rate = null;
    Double swath = null;
    Double cv = null;
    SeedRate meant = d.targetLbAc() == null ? null : SeedRate.poundsPerAcre(d.targetLbAc());
    switch (c.kind) {
      case CATCH -> rate = d.catchTest().rate().poundsPerAcre();
      case CHECK -> {
        rate = d.check().actual().poundsPerAcre();
        meant = d.check().expected();
      }
      case PANS -> {
        PanTest pans = d.pans();
        if (d.swathFt() != null) {
          swath = d.swathFt();
          cv = pans.cv(Length.ofFeet(swath), d.drivingOr());
        }
      }
    }
    Verdict verdict =
        rate == null || meant == null || meant.poundsPerAcre() == 0
            ? null
            : NextSetting.verdict(SeedRate.poundsPerAcre(rate), meant, figures.of(c.farmId));
    return new CalibrationView(
        c.id, c.machineId, c.kind, c.madeOn, c.lot, c.byName, d, rate, verdict, swath, cv);
  }
}
