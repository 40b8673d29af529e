package nimblefurrow.server.calibration;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.calibration.AirMeter;
import nimblefurrow.core.calibration.NextSetting;
import nimblefurrow.core.calibration.PanTest;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.calibration.Calibrations.CalibrationView;
import nimblefurrow.server.calibration.Calibrations.Correction;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Calibration: work out, keep, and say what to set next. */
@RestController
@RequestMapping("/api/v1/calibrations")
class CalibrationController {
  record KeepForm(
      @NotNull UUID machineId,
      @NotNull CalibrationKind kind,
      @Maybe LocalDate madeOn,
      @Maybe @Size(max = 120) String lot,
      @NotNull CalibrationDetails details) {}

  record CatchView(
      double rate,
      double widthFt,
      double distanceFt,
      @Maybe Double bandRate,
      @Maybe NextSetting.Verdict verdict) {}

  record SwathPoint(double swathFt, double cv) {}

  record PansView(
      double throwFt,
      List<SwathPoint> curve,
      @Maybe SwathPoint offered,
      @Maybe SwathPoint even,
      double mostCv,
      List<GroundPoint> ground,
      @Maybe Double shownSwathFt) {}

  /** Seed at a place across the swaths over the mean. */
  record GroundPoint(double acrossFt, double ofMean) {}

  record MeterForm(@NotNull Double targetLbAc, @NotNull Double widthFt, @NotNull Double mph) {}

  record MeterPoint(double mph, double rate, boolean within) {}

  record MeterView(
      double poundsPerMinute, double slowest, double fastest, List<MeterPoint> table) {}

  record NextView(double target, @Maybe Double setting, @Maybe Double error, List<String> notes) {}

  record MachineCalibrations(
      List<CalibrationView> tests, List<Correction> corrections, @Maybe NextView next) {}

  private final Calibrations calibrations;
  private final Farms farms;
  private final CurrentFarm current;

  CalibrationController(Calibrations calibrations, Farms farms, CurrentFarm current) {
    this.calibrations = calibrations;
    this.farms = farms;
    this.current = current;
  }

  /** All tests of a machine; with a target also the next setting, held to one lot if named. */
  @GetMapping("/machines/{machineId}")
  MachineCalibrations of(
      @PathVariable UUID machineId,
      @RequestParam(required = false) Double targetLbAc,
      @RequestParam(defaultValue = "0") double mph,
      @RequestParam(defaultValue = "") String sprocket,
      @RequestParam(defaultValue = "") String lot) {
    UUID farm = current.id();
    UnitSystem units = farms.view(farm).units();
    NextView next = null;
    if (targetLbAc != null) {
      Optional<NextSetting> set =
          calibrations.next(
              farm, machineId, SeedRate.poundsPerAcre(targetLbAc), Speed.mph(mph), sprocket, lot);
      next =
          set.map(
                  s ->
                      new NextView(
                          targetLbAc,
                          s.setting(),
                          s.error().orElse(null),
                          s.notes().stream().map(n -> n.in(units)).toList()))
              .orElse(
                  new NextView(
                      targetLbAc,
                      null,
                      null,
                      List.of("no catch test at this speed yet: make one first")));
    }
    return new MachineCalibrations(
        calibrations.of(farm, machineId), calibrations.corrections(farm, machineId), next);
  }

  @PostMapping
  CalibrationView keep(@Valid @RequestBody KeepForm form) {
    LocalDate day = form.madeOn() == null ? farms.today(farms.view(current.id())) : form.madeOn();
    return calibrations.keep(
        current.id(),
        form.machineId(),
        form.kind(),
        day,
        form.lot(),
        current.user().name(),
        form.details());
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    calibrations.remove(current.id(), id);
  }

  @PostMapping("/catch")
  @AskingOnly
  CatchView caught(@RequestBody CalibrationDetails d) {
    var test = d.catchTest();
    return new CatchView(
        test.rate().poundsPerAcre(),
        test.width().feet(),
        test.distance().feet(),
        d.inBand() == null ? null : d.inBand().poundsPerAcre(),
        d.targetLbAc() == null || d.targetLbAc() <= 0
            ? null
            : NextSetting.verdict(test.rate(), SeedRate.poundsPerAcre(d.targetLbAc()), figures()));
  }

  @PostMapping("/pans")
  @AskingOnly
  PansView pans(@RequestBody CalibrationDetails d) {
    PanTest pans = d.pans();
    double mostCv = farms.view(current.id()).mostCv();
    Optional<PanTest.AtSwath> offered = pans.widest(d.drivingOr(), mostCv);
    Double shown =
        d.swathFt() != null ? d.swathFt() : offered.map(o -> o.swath().feet()).orElse(null);
    return new PansView(
        pans.thrown().feet(),
        pans.curve(d.drivingOr()).stream().map(CalibrationController::point).toList(),
        offered.map(CalibrationController::point).orElse(null),
        pans.widest(d.drivingOr(), figures().of(PanTest.EVEN))
            .map(CalibrationController::point)
            .orElse(null),
        mostCv,
        shown == null
            ? List.of()
            : pans.onTheGround(Length.ofFeet(shown), d.drivingOr()).stream()
                .map(g -> new GroundPoint(g.across().feet(), g.ofMean()))
                .toList(),
        shown);
  }

  @PostMapping("/meter")
  @AskingOnly
  MeterView meter(@Valid @RequestBody MeterForm form) {
    AirMeter meter =
        new AirMeter(
            SeedRate.poundsPerAcre(form.targetLbAc()),
            Length.ofFeet(form.widthFt()),
            Speed.mph(form.mph()));
    Figures figures = figures();
    return new MeterView(
        meter.perMinute().pounds(),
        meter.safeSpeeds(figures).slowest().mph(),
        meter.safeSpeeds(figures).fastest().mph(),
        meter.table(figures).stream()
            .map(t -> new MeterPoint(t.speed().mph(), t.rate().poundsPerAcre(), t.within()))
            .toList());
  }

  private Figures figures() {
    return farms.view(current.id()).rules().figures();
  }

  private static SwathPoint point(PanTest.AtSwath at) {
    return new SwathPoint(at.swath().feet(), at.cv());
  }
}
