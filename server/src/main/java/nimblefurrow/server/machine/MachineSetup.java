package nimblefurrow.server.machine;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.loads.UsualSetUp;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.SetUpFigure;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What a machine is made of, as far as its kind needs it: width and speed, hopper and tender, rows,
 * batteries, tank, and what it costs. Whatever is not entered is absent, never 0.
 */
public record MachineSetup(
    @Maybe Double widthFt,
    @Maybe Double speedMph,
    @Maybe Double efficiency,
    @Maybe Double hopperFt3,
    @Maybe Double fill,
    @Maybe Double loadLimitLb,
    @Maybe Double leastRateLbAc,
    @Maybe Double fillMinutes,
    @Maybe Double tenderLb,
    @Maybe Integer rows,
    @Maybe Double rowSpacingIn,
    @Maybe Integer rowsPerGap,
    @Maybe Double gapIn,
    @Maybe Double wheelFt,
    @Maybe Double slip,
    @Maybe Double scaleLow,
    @Maybe Double scaleHigh,
    @Maybe Integer batteries,
    @Maybe Double batteryMinutes,
    @Maybe Integer chargers,
    @Maybe Double chargeMinutes,
    @Maybe Double coolMinutes,
    @Maybe Double turnSeconds,
    @Maybe Double gateLbMin,
    @Maybe Double ferryMph,
    @Maybe Double stripMiles,
    @Maybe Double tankGal,
    @Maybe Double galPerAc,
    @Maybe Double grainTankBu,
    @Maybe Double yieldBuAc,
    @Maybe Double fixedPerYear,
    @Maybe Double acresPerYear,
    @Maybe Double runningPerHour,
    @Maybe Double quotePerAcre,
    @Maybe Double quotePerHour,
    @Maybe Double quoteSetUp,
    @Maybe Double quoteThresholdLbAc,
    @Maybe Double rentPerDay,
    @Maybe List<LocalDate> bookedDays,
    @Maybe List<String> drivers,
    @Maybe List<String> tractors,
    @Maybe Double leastAcres,
    @Maybe Integer noticeDays,
    @Maybe String stands) {

  private static final int MOST_BOOKED_DAYS = 400;
  private static final int MOST_NAMES = 40;
  private static final int LONGEST_NAME = 80;

  public static MachineSetup none() {
    return MachineSetups.of(java.util.Map.of());
  }

  /**
   * Field capacity of a machine on wheels whose width and speed are known; the usual efficiency
   * where none is entered. What flies has none: it goes by its loads.
   */
  public Optional<WorkRate> fieldCapacity(MachineKind kind, Figures figures) {
    if (widthFt == null || speedMph == null || kind.flies()) {
      return Optional.empty();
    }
    double share =
        efficiency == null
            ? UsualSetUp.of(SetUpFigure.EFFICIENCY, kind, figures).orElseThrow()
            : efficiency;
    return Optional.of(WorkRate.of(speedMph, widthFt, Share.of(share)));
  }

  /** This set-up when every figure is within its limits. */
  public MachineSetup checked() {
    positive("width", widthFt, 300, Unit.FOOT);
    positive("speed", speedMph, 200, Unit.MILE_PER_HOUR);
    within("efficiency", efficiency, 0.05, 1, Unit.NONE);
    within("hopper", hopperFt3, 0, 2000, Unit.CUBIC_FOOT);
    within("fill", fill, 0.05, 1, Unit.NONE);
    within("load limit", loadLimitLb, 0, 20_000, Unit.POUND);
    within("least meterable rate", leastRateLbAc, 0, 200, Unit.POUND_PER_ACRE);
    within("filling", fillMinutes, 0, 240, Unit.MINUTE);
    within("tender", tenderLb, 0, 100_000, Unit.POUND);
    positive("rows", rows == null ? null : (double) rows, 200, Unit.NONE);
    positive("row spacing", rowSpacingIn, 120, Unit.INCH);
    positive("rows in a gap", rowsPerGap == null ? null : (double) rowsPerGap, 20, Unit.NONE);
    positive("gap", gapIn, 120, Unit.INCH);
    positive("rolling circumference", wheelFt, 60, Unit.FOOT);
    within("slip", slip, 0, 0.5, Unit.NONE);
    within("scale start", scaleLow, 0, 1000, Unit.NONE);
    positive("scale end", scaleHigh, 1000, Unit.NONE);
    positive("batteries", batteries == null ? null : (double) batteries, 100, Unit.NONE);
    positive("battery", batteryMinutes, 240, Unit.MINUTE);
    positive("chargers", chargers == null ? null : (double) chargers, 100, Unit.NONE);
    positive("charging", chargeMinutes, 600, Unit.MINUTE);
    within("cooling", coolMinutes, 0, 600, Unit.MINUTE);
    within("turn", turnSeconds, 0, 300, Unit.SECOND);
    within("gate", gateLbMin, 0, 2000, Unit.POUND_PER_MINUTE);
    positive("ferry speed", ferryMph, 250, Unit.MILE_PER_HOUR);
    within("way from the strip", stripMiles, 0, 200, Unit.MILE);
    positive("tank", tankGal, 20_000, Unit.GALLON);
    positive("slurry", galPerAc, 30_000, Unit.GALLON_PER_ACRE);
    positive("grain tank", grainTankBu, 2000, Unit.BUSHEL);
    positive("yield", yieldBuAc, 400, Unit.BUSHEL_PER_ACRE);
    within("fixed cost", fixedPerYear, 0, 1_000_000, Unit.DOLLAR_PER_YEAR);
    positive("acres a year", acresPerYear, 100_000, Unit.ACRE);
    within("running cost", runningPerHour, 0, 5000, Unit.DOLLAR_PER_HOUR);
    within("price per acre", quotePerAcre, 0, 1000, Unit.DOLLAR_PER_ACRE);
    within("price per hour", quotePerHour, 0, 10_000, Unit.DOLLAR_PER_HOUR);
    within("set-up", quoteSetUp, 0, 10_000, Unit.DOLLAR);
    within("threshold rate", quoteThresholdLbAc, 0, 1000, Unit.POUND_PER_ACRE);
    within("rent", rentPerDay, 0, 20_000, Unit.DOLLAR_PER_DAY);
    bounded("booked days", bookedDays, MOST_BOOKED_DAYS);
    names("drivers", drivers);
    names("tractors", tractors);
    within("least acres", leastAcres, 0, 100_000, Unit.ACRE);
    if (stands != null && stands.length() > LONGEST_NAME) {
      throw new OutOfRange(
          "stands at", "stands at is a farmstead of at most %d characters".formatted(LONGEST_NAME));
    }
    within("notice", noticeDays == null ? null : (double) noticeDays, 0, 60, Unit.DAY);
    return this;
  }

  private static void names(String field, List<String> names) {
    bounded(field, names, MOST_NAMES);
    if (names != null && names.stream().anyMatch(n -> n.isBlank() || n.length() > LONGEST_NAME)) {
      throw new OutOfRange(
          field, "%s are names of 1 to %d characters".formatted(field, LONGEST_NAME));
    }
  }

  private static void bounded(String field, List<?> list, int most) {
    if (list != null) {
      Limits.within("number of " + field, list.size(), 0, most, Unit.NONE);
      if (list.stream().anyMatch(Objects::isNull)) {
        throw new OutOfRange(field, field + " holds an empty place");
      }
    }
  }

  private static void within(String field, Double value, double low, double high, Unit unit) {
    if (value != null) {
      Limits.within(field, value, low, high, unit);
    }
  }

  private static void positive(String field, Double value, double high, Unit unit) {
    if (value != null) {
      Limits.positive(field, value, high, unit);
    }
  }
}
