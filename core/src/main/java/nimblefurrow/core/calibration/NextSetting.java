package nimblefurrow.core.calibration;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;

/**
 * The setting to try next, from the tests made so far with the same speed and sprocket: one test
 * scales in proportion, two or more lie on a rising straight line.
 *
 * @param setting on the machine's scale
 * @param error how far the tests lie off the line at that setting (one SD), lb/ac; empty with fewer
 *     than three tests
 */
public record NextSetting(double setting, Optional<Double> error, List<Reason> notes) {
  /** Where the rate lies against the target. */
  public enum Verdict {
    GOOD,
    NEAR,
    OFF
  }

  private static final FigureKey GOOD = FigureKey.of("calibration", "good");
  private static final FigureKey NEAR = FigureKey.of("calibration", "near");

  /** One test at one point of the machine; speed and sprocket are part of the point. */
  public record Tried(double setting, Speed speed, String sprocket, SeedRate rate) {
    public Tried {
      Limits.positive("setting", setting, 1000, Unit.NONE);
      Limits.positive("rate", rate.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
      Limits.within("speed", speed.mph(), 0, 30, Unit.MILE_PER_HOUR);
    }
  }

  /** Whether what was caught is near enough to what is wanted, or the setting has to be changed. */
  public static Verdict verdict(SeedRate got, SeedRate target, Figures figures) {
    double off = Math.abs(got.poundsPerAcre() / target.poundsPerAcre() - 1);
    return off <= figures.of(GOOD) + 1e-9
        ? Verdict.GOOD
        : off <= figures.of(NEAR) + 1e-9 ? Verdict.NEAR : Verdict.OFF;
  }

  /**
   * @param low and {@code high} ends of the machine's scale
   * @param speed and {@code sprocket} of the run to come; tests at other ones are left aside
   * @throws OutOfRange when no test fits, or the scale is upside down
   */
  public static NextSetting of(
      List<Tried> tests, SeedRate target, Speed speed, String sprocket, double low, double high) {
    Limits.positive("target rate", target.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    if (!(low >= 0 && high > low)) {
      throw new OutOfRange(
          "scale", "the scale's end is more than its start, got %s to %s".formatted(low, high));
    }
    List<Tried> same =
        tests.stream()
            .filter(
                t ->
                    t.sprocket().equals(sprocket) && Math.abs(t.speed().mph() - speed.mph()) < 0.25)
            .toList();
    if (same.isEmpty()) {
      throw new OutOfRange(
          "tests",
          Reason.of(
              "no test so far was made at {}{}: catch one first",
              Measure.of(speed.mph(), Unit.MILE_PER_HOUR),
              sprocket.isEmpty() ? "" : " with sprocket " + sprocket));
    }
    return held(SettingLine.through(same), target, low, high);
  }

  private static NextSetting held(SettingLine line, SeedRate target, double low, double high) {
    double wanted = line.settingFor(target.poundsPerAcre());
    double setting = Math.max(low, Math.min(high, wanted));
    List<Reason> notes =
        setting == wanted
            ? line.notes()
            : List.of(
                Reason.of(
                    "{} lies off the scale: at {} expect {}; change the sprocket or the meter",
                    target,
                    setting,
                    SeedRate.poundsPerAcre(Math.max(0, line.rateAt(setting)))));
    return new NextSetting(setting, line.error(), notes);
  }
}
