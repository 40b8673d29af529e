package nimblefurrow.server.calibration;

import java.util.List;
import nimblefurrow.core.calibration.CatchTest;
import nimblefurrow.core.calibration.FieldCheck;
import nimblefurrow.core.calibration.PanTest;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What was measured: a catch (grams under some outlets over a distance at a setting), pans (grams
 * by pan, spacing, driving) or a check (pounds used over acres against what was expected).
 */
public record CalibrationDetails(
    @Maybe Double targetLbAc,
    @Maybe Double setting,
    @Maybe Double mph,
    @Maybe String sprocket,
    @Maybe Double grams,
    @Maybe Integer outlets,
    @Maybe Double rowSpacingIn,
    @Maybe Integer outletsPerGap,
    @Maybe Double gapIn,
    @Maybe Double distanceFt,
    @Maybe Double wheelTurns,
    @Maybe Double wheelFt,
    @Maybe Double slip,
    @Maybe Double panSpacingFt,
    @Maybe List<Double> panGrams,
    @Maybe PanTest.Driving driving,
    @Maybe Double swathFt,
    @Maybe Double expectedLbAc,
    @Maybe Double usedLb,
    @Maybe Double acres) {

  CatchTest catchTest() {
    int caught = Limits.given("outlets caught", outlets);
    Length width =
        outletsPerGap != null
            ? CatchTest.gaps(caught, outletsPerGap, inches("gap", gapIn))
            : CatchTest.evenRows(caught, inches("row spacing", rowSpacingIn));
    Length distance =
        wheelTurns != null
            ? CatchTest.wheelTurns(
                wheelTurns, feet("rolling circumference", wheelFt), slip == null ? 0 : slip)
            : feet("distance", distanceFt);
    Limits.positive("caught seed", Limits.given("caught seed", grams), 900_000, Unit.GRAM);
    return new CatchTest(Mass.ofGrams(grams), width, distance);
  }

  /** Rate in the sown bands themselves, where rows leave gaps and their spacing is known. */
  SeedRate inBand() {
    return outletsPerGap == null || rowSpacingIn == null || gapIn == null
        ? null
        : catchTest().rate().times(1 / bandShare());
  }

  private static Length feet(String field, Double given) {
    return Length.ofFeet(Limits.within(field, Limits.given(field, given), 0, 10_000, Unit.FOOT));
  }

  private static Length inches(String field, Double given) {
    return Length.ofInches(Limits.within(field, Limits.given(field, given), 0, 1000, Unit.INCH));
  }

  private double bandShare() {
    return CatchTest.bandShare(
        outletsPerGap, inches("row spacing", rowSpacingIn), inches("gap", gapIn));
  }

  PanTest pans() {
    return new PanTest(
        feet("pan spacing", panSpacingFt), Limits.given("grams in the pans", panGrams));
  }

  PanTest.Driving drivingOr() {
    return driving == null ? PanTest.Driving.BACK_AND_FORTH : driving;
  }

  FieldCheck check() {
    return new FieldCheck(
        SeedRate.poundsPerAcre(Limits.given("expected rate", expectedLbAc)),
        Mass.ofPounds(
            Limits.within("pounds used", Limits.given("pounds used", usedLb), 0, 1e6, Unit.POUND)),
        Area.ofAcres(
            Limits.within(
                "acres covered", Limits.given("acres covered", acres), 0, 1e5, Unit.ACRE)));
  }
}
