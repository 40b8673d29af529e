package nimblefurrow.server.workorder;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.calibration.NextSetting;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.calibration.CalibrationKind;
import nimblefurrow.server.calibration.Calibrations;
import nimblefurrow.server.calibration.Calibrations.CalibrationView;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.files.Paper;

/**
 * What a work order says of the setting: by pans for what spreads, by catch tests for what meters.
 */
final class CalibratedSetting {
  private CalibratedSetting() {}

  /** What to set: by pans for what spreads, by catch tests for what meters into rows. */
  static String of(MachineView machine, List<CalibrationView> tests, double rate, Paper paper) {
    if (machine.kind().spreads()) {
      return tests.stream()
          .filter(c -> c.kind() == CalibrationKind.PANS && c.swathFt() != null)
          .reduce((earlier, later) -> later)
          .map(
              c ->
                  "swath %s by the pan test of %s"
                      .formatted(
                          paper.said(c.swathFt(), Unit.FOOT, 1), paper.units().say(c.madeOn())))
          .orElse(
              machine.setup().widthFt() == null
                  ? "test the swath with pans before the field"
                  : "swath %s as set up; test it with pans before the field"
                      .formatted(paper.said(machine.setup().widthFt(), Unit.FOOT, 0)));
    }
    Speed speed = Speed.mph(machine.setup().speedMph() == null ? 0 : machine.setup().speedMph());
    Optional<NextSetting> next =
        Calibrations.next(tests, machine.setup(), SeedRate.poundsPerAcre(rate), speed, "", "");
    String corrections =
        String.join(
            "; ",
            Calibrations.corrections(tests).stream()
                .map(
                    c ->
                        "checked in the field with %s: lays %s %% of what it is set for"
                            .formatted(
                                c.lot().isBlank() ? "any lot" : c.lot(),
                                Paper.plain(c.factor() * 100, 0)))
                .toList());
    String set =
        next.map(n -> "set " + Paper.plain(n.setting(), 1) + " by the catch tests at this speed")
            .orElse("no catch test at this speed yet: catch one before the field");
    return corrections.isEmpty() ? set : set + "; " + corrections;
  }
}
