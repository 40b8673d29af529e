package nimblefurrow.core.calibration;

import static nimblefurrow.core.quantity.Length.ofFeet;
import static nimblefurrow.core.quantity.Length.ofInches;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.calibration.NextSetting.Tried;
import nimblefurrow.core.calibration.NextSetting.Verdict;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalibrationTest {
  private static SeedRate rate(double lb) {
    return SeedRate.poundsPerAcre(lb);
  }

  @Test
  void aCatchUnderEightEvenRows() {
    CatchTest test =
        new CatchTest(Mass.ofGrams(620), CatchTest.evenRows(8, ofInches(7.5)), ofFeet(200));
    assertThat(test.rate().poundsPerAcre()).isCloseTo(59.5, within(0.05));
  }

  @Test
  void rowsInGapsShareTheGapNotTheirSpacing() {
    Length width = CatchTest.gaps(12, 3, ofInches(30));
    assertThat(width.feet()).isEqualTo(10);
    assertThat(new CatchTest(Mass.ofGrams(620), width, ofFeet(200)).rate().poundsPerAcre())
        .isCloseTo(29.8, within(0.05));
  }

  @Test
  void theBandIsSownThickerThanTheFieldAcre() {
    assertThat(CatchTest.bandShare(3, ofInches(7.5), ofInches(30))).isEqualTo(0.75);
    assertThat(CatchTest.bandShare(4, ofInches(7.5), ofInches(30))).isEqualTo(1);
    assertThat(CatchTest.bandShare(5, ofInches(7.5), ofInches(30)))
        .as("never more than all")
        .isEqualTo(1);
    assertThatThrownBy(() -> CatchTest.bandShare(3, ofInches(0), ofInches(30)))
        .hasMessageContaining("row spacing");
  }

  @Test
  void wheelTurnsGiveTheDistance() {
    // 25 turns of 8 ft with 5 % slip: 190 ft.
    assertThat(CatchTest.wheelTurns(25, ofFeet(8), 0.05).feet()).isCloseTo(190, within(1e-9));
    assertThat(CatchTest.wheelTurns(25, ofFeet(8), 0).feet()).isEqualTo(200);
  }

  @ParameterizedTest
  @CsvSource({
    "0,5,200,caught seed is more than 0",
    "1,0,200,effective width is more than 0",
    "1,5,0,distance is more than 0",
    "1,5,-3,length is 0–",
    "NaN,5,200,mass is 0–"
  })
  void aCatchThatCannotBeIsRefused(double lb, double width, double feet, String said) {
    assertThatThrownBy(() -> new CatchTest(Mass.ofPounds(lb), ofFeet(width), ofFeet(feet)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(said);
  }

  @Test
  void oneTestScalesInProportion() {
    NextSetting next = NextSetting.of(List.of(tried(30, 48)), rate(60), Speed.mph(5), "", 0, 100);
    assertThat(next.setting()).isCloseTo(37.5, within(1e-9));
    assertThat(next.error()).isEmpty();
    assertThat(next.notes()).isNotEmpty();
  }

  @Test
  void twoTestsLieOnALine() {
    // 30 → 48, 40 → 68: 2 lb a step, so 60 lies at 36.
    NextSetting next =
        NextSetting.of(List.of(tried(30, 48), tried(40, 68)), rate(60), Speed.mph(5), "", 0, 100);
    assertThat(next.setting()).isCloseTo(36, within(1e-9));
  }

  @Test
  void threeTestsTellHowFarTheyScatter() {
    // Least squares by hand: slope 2, intercept −11.67; residuals −0.33, +0.67, −0.33.
    NextSetting next =
        NextSetting.of(
            List.of(tried(30, 48), tried(35, 59), tried(40, 68)),
            rate(60),
            Speed.mph(5),
            "",
            0,
            100);
    assertThat(next.setting()).isCloseTo((60 + 35.0 / 3) / 2, within(1e-9));
    assertThat(next.error().orElseThrow())
        .isCloseTo(Math.sqrt((1.0 / 9 + 4.0 / 9 + 1.0 / 9) / 1), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"30,48,30,52", "30,60,40,50"})
  void testsThatDoNotRiseAreTakenInProportion(double s1, double r1, double s2, double r2) {
    NextSetting next =
        NextSetting.of(List.of(tried(s1, r1), tried(s2, r2)), rate(60), Speed.mph(5), "", 0, 200);
    assertThat(next.setting()).isCloseTo(60 * ((s1 + s2) / 2) / ((r1 + r2) / 2), within(1e-9));
  }

  @Test
  void theSettingStaysOnTheScaleAndSaysSo() {
    NextSetting next = NextSetting.of(List.of(tried(80, 40)), rate(60), Speed.mph(5), "", 0, 100);
    assertThat(next.setting()).isEqualTo(100);
    assertThat(next.notes().get(0).in(UnitSystem.US))
        .contains("off the scale")
        .contains("50.0 lb/ac");
  }

  @Test
  void speedAndSprocketArePartOfThePoint() {
    List<Tried> tests =
        List.of(
            new Tried(30, Speed.mph(5), "A", rate(48)),
            new Tried(30, Speed.mph(8), "A", rate(20)),
            new Tried(30, Speed.mph(5), "B", rate(90)));
    assertThat(NextSetting.of(tests, rate(48), Speed.mph(5), "A", 0, 100).setting()).isEqualTo(30);
    assertThatThrownBy(() -> NextSetting.of(tests, rate(48), Speed.mph(6), "A", 0, 100))
        .hasMessageContaining("no test so far was made at 6 mph with sprocket A");
  }

  @Test
  void aRisingMachineNeverAsksForLessSettingForMoreSeed() {
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < 200; i++) {
      List<Tried> tests =
          List.of(
              tried(10 + random.nextInt(20), 20 + random.nextDouble() * 60),
              tried(35 + random.nextInt(20), 20 + random.nextDouble() * 60),
              tried(60 + random.nextInt(20), 20 + random.nextDouble() * 60));
      double last = -1;
      for (double target = 5; target < 150; target += 5) {
        double setting = NextSetting.of(tests, rate(target), Speed.mph(5), "", 0, 100).setting();
        assertThat(setting).isBetween(0.0, 100.0).isGreaterThanOrEqualTo(last);
        last = setting;
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "60,GOOD",
    "63,GOOD",
    "57,GOOD",
    "63.1,NEAR",
    "66,NEAR",
    "54,NEAR",
    "66.1,OFF",
    "53.9,OFF"
  })
  void fivePercentIsGoodTenIsNear(double got, Verdict verdict) {
    assertThat(NextSetting.verdict(rate(got), rate(60), Figures.shipped())).isEqualTo(verdict);
  }

  @Test
  void airMeter() {
    AirMeter meter = new AirMeter(rate(24), ofFeet(20), Speed.mph(5.5));
    assertThat(meter.perMinute().pounds()).isCloseTo(5.33, within(0.005));
    assertThat(meter.at(Speed.mph(2.75)).poundsPerAcre())
        .as("half as fast, twice the seed")
        .isEqualTo(48);
    assertThat(meter.table(Figures.shipped())).hasSize(10);
    assertThat(meter.table(Figures.shipped()).get(0).speed().mph()).isCloseTo(3.3, within(1e-9));
    assertThat(meter.table(Figures.shipped()).get(9).speed().mph()).isCloseTo(8.25, within(1e-9));
    assertThat(meter.safeSpeeds(Figures.shipped()).slowest().mph()).isCloseTo(5.0, within(1e-9));
    assertThat(meter.safeSpeeds(Figures.shipped()).fastest().mph()).isCloseTo(6.11, within(0.005));
    assertThat(meter.at(meter.safeSpeeds(Figures.shipped()).slowest()).poundsPerAcre())
        .isCloseTo(26.4, within(1e-9));
    assertThat(meter.at(meter.safeSpeeds(Figures.shipped()).fastest()).poundsPerAcre())
        .isCloseTo(21.6, within(1e-9));
    for (AirMeter.AtSpeed at : meter.table(Figures.shipped())) {
      boolean near = Math.abs(at.rate().poundsPerAcre() / 24 - 1) <= 0.1 + 1e-9;
      assertThat(at.within()).isEqualTo(near);
    }
  }

  @Test
  void theFirstAcresCorrectTheNext() {
    FieldCheck check = new FieldCheck(rate(60), Mass.ofPounds(648), Area.ofAcres(10));
    assertThat(check.actual().poundsPerAcre()).isCloseTo(64.8, within(1e-9));
    assertThat(check.ratio()).isCloseTo(1.08, within(1e-9));
    FieldCheck big = new FieldCheck(rate(60), Mass.ofPounds(5400), Area.ofAcres(90));
    assertThat(FieldCheck.running(List.of(check, big)).orElseThrow())
        .as("pounds laid over pounds meant: 6,048 of 6,000")
        .isCloseTo(1.008, within(1e-9));
    assertThat(FieldCheck.running(List.of())).isEmpty();
  }

  private static Tried tried(double setting, double lb) {
    return new Tried(setting, Speed.mph(5), "", rate(lb));
  }
}
