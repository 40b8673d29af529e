package nimblefurrow.core.calibration;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/**
 * Seed caught under some outlets over a measured distance. Example: 620 g from 8 rows at 7.5 in
 * over 200 ft is 59.5 lb/ac.
 *
 * @param caught bulk seed caught
 * @param width the share of the machine's swath that the caught outlets sow
 * @param distance driven, or turned by the wheel
 */
public record CatchTest(Mass caught, Length width, Length distance) {
  public CatchTest {
    Limits.positive("caught seed", caught.pounds(), 2000, Unit.POUND);
    Limits.positive("effective width", width.feet(), 200, Unit.FOOT);
    Limits.positive("distance", distance.feet(), 10_000, Unit.FOOT);
  }

  /** Rate per field acre. */
  public SeedRate rate() {
    return SeedRate.poundsPerAcre(
        caught.pounds() * Area.SQUARE_FEET_PER_ACRE / (width.feet() * distance.feet()));
  }

  /** Width sown by outlets at an even spacing. */
  public static Length evenRows(int outlets, Length spacing) {
    Limits.within("outlets caught", outlets, 1, 200, Unit.NONE);
    return Length.ofInches(
        outlets * Limits.positive("row spacing", spacing.inches(), 120, Unit.INCH));
  }

  /**
   * Width sown where rows stand in gaps of the cash crop: the gaps, not the rows, share the swath.
   *
   * @param outlets outlets caught
   * @param outletsPerGap outlets in one gap
   * @param gap from one cash row to the next
   */
  public static Length gaps(int outlets, int outletsPerGap, Length gap) {
    Limits.within("outlets caught", outlets, 1, 200, Unit.NONE);
    Limits.within("outlets in a gap", outletsPerGap, 1, 20, Unit.NONE);
    return Length.ofInches(
        (double) outlets / outletsPerGap * Limits.positive("gap", gap.inches(), 120, Unit.INCH));
  }

  /**
   * Share of the ground that the sown bands take where rows leave gaps, at most 1. The band itself
   * is sown as much thicker than the field acre as this is less than 1: 3 rows at 7.5 in in a gap
   * of 30 in take 0.75.
   */
  public static double bandShare(int outletsPerGap, Length spacing, Length gap) {
    Limits.within("outlets in a gap", outletsPerGap, 1, 20, Unit.NONE);
    Limits.positive("row spacing", spacing.inches(), 120, Unit.INCH);
    return Math.min(
        1, outletsPerGap * spacing.inches() / Limits.positive("gap", gap.inches(), 120, Unit.INCH));
  }

  /**
   * Distance from turning the drive wheel.
   *
   * @param circumference rolling circumference under load
   * @param slip share by which the wheel slips in the field, 0–0.5
   */
  public static Length wheelTurns(double turns, Length circumference, double slip) {
    Limits.positive("wheel turns", turns, 5000, Unit.NONE);
    Limits.positive("rolling circumference", circumference.feet(), 60, Unit.FOOT);
    return Length.ofFeet(
        turns * circumference.feet() * (1 - Limits.within("slip", slip, 0, 0.5, Unit.NONE)));
  }
}
