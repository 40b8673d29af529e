package nimblefurrow.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.calibration.PanTest.Driving;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;

class PanTestTest {
  private static final PanTest LOPSIDED =
      new PanTest(
          Length.ofFeet(5), List.of(2.0, 6.0, 11.0, 14.0, 15.0, 13.0, 9.0, 7.0, 3.0, 1.0, 0.0));

  @Test
  void anEvenStripDrivenAtItsWidthIsEven() {
    PanTest flat = new PanTest(Length.ofFeet(4), List.of(10.0, 10.0, 10.0, 10.0, 10.0, 10.0));
    assertThat(flat.cv(Length.ofFeet(24), Driving.ONE_WAY)).isCloseTo(0, within(1e-12));
    assertThat(flat.cv(Length.ofFeet(12), Driving.BACK_AND_FORTH)).isCloseTo(0, within(1e-12));
    // At 32 ft a quarter of the ground is bare: mean 7.5, SD √(0.75 × 2.5² + 0.25 × 7.5²).
    assertThat(flat.cv(Length.ofFeet(32), Driving.ONE_WAY))
        .isCloseTo(Math.sqrt(0.75 * 6.25 + 0.25 * 56.25) / 7.5, within(1e-9));
  }

  @Test
  void aTriangleOverlapsEvenlyAtHalfItsThrow() {
    PanTest triangle =
        new PanTest(Length.ofFeet(5), List.of(1.0, 3.0, 5.0, 7.0, 9.0, 9.0, 7.0, 5.0, 3.0, 1.0));
    assertThat(triangle.cv(Length.ofFeet(25), Driving.ONE_WAY)).isCloseTo(0, within(1e-12));
    assertThat(triangle.cv(Length.ofFeet(50), Driving.ONE_WAY)).isGreaterThan(0.5);
  }

  @Test
  void mirroringMattersForALopsidedPattern() {
    assertThat(LOPSIDED.cv(Length.ofFeet(35), Driving.BACK_AND_FORTH))
        .isNotCloseTo(LOPSIDED.cv(Length.ofFeet(35), Driving.ONE_WAY), within(0.01));
    PanTest same = new PanTest(Length.ofFeet(5), List.of(2.0, 6.0, 9.0, 6.0, 2.0));
    assertThat(same.cv(Length.ofFeet(15), Driving.BACK_AND_FORTH))
        .as("a mirrored pattern that is its own mirror changes nothing")
        .isCloseTo(same.cv(Length.ofFeet(15), Driving.ONE_WAY), within(1e-12));
  }

  @Test
  void whatLiesOnTheGroundIsToldAgainstItsMean() {
    PanTest flat = new PanTest(Length.ofFeet(4), List.of(10.0, 10.0, 10.0, 10.0, 10.0, 10.0));
    List<PanTest.OnTheGround> gaps = flat.onTheGround(Length.ofFeet(32), Driving.ONE_WAY);
    assertThat(gaps).hasSize(32);
    assertThat(gaps.get(0).across().feet()).isEqualTo(0.5);
    assertThat(gaps.get(31).across().feet()).as("one swath").isEqualTo(31.5);
    // A quarter of the ground is bare, the rest has 10 where the mean is 7.5.
    assertThat(gaps.stream().filter(g -> g.ofMean() == 0)).hasSize(8);
    assertThat(gaps.get(0).ofMean()).isCloseTo(10 / 7.5, within(1e-12));
    List<PanTest.OnTheGround> both =
        LOPSIDED.onTheGround(Length.ofFeet(35), Driving.BACK_AND_FORTH);
    assertThat(both.get(both.size() - 1).across().feet()).as("two").isBetween(69.0, 70.0);
    assertThat(both.stream().mapToDouble(PanTest.OnTheGround::ofMean).average().orElseThrow())
        .isCloseTo(1, within(1e-9));
  }

  /** Forty passes laid on a long strip of ground, read off by inches in its middle. */
  private static double walked(PanTest test, double swathFt, Driving driving) {
    double half = test.thrown().feet() / 2;
    List<Double> read = new ArrayList<>();
    double start = 20 * swathFt;
    for (double x = start + 1 / 48.0; x < start + 2 * swathFt; x += 1 / 24.0) {
      double grams = 0;
      for (int pass = 0; pass < 42; pass++) {
        double right = x - pass * swathFt;
        double seen = driving == Driving.BACK_AND_FORTH && pass % 2 == 1 ? -right : right;
        if (seen > -half && seen < half) {
          grams += test.grams().get((int) Math.floor((seen + half) / test.spacing().feet()));
        }
      }
      read.add(grams);
    }
    double mean = read.stream().mapToDouble(g -> g).average().orElseThrow();
    double variance =
        read.stream().mapToDouble(g -> (g - mean) * (g - mean)).average().orElseThrow();
    return Math.sqrt(variance) / mean;
  }

  @Test
  void agreesWithPassesWalkedOverTheGround() {
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < 25; i++) {
      List<Double> grams = new ArrayList<>();
      int pans = 7 + random.nextInt(12);
      for (int p = 0; p < pans; p++) {
        grams.add(1 + random.nextDouble() * 20);
      }
      PanTest test = new PanTest(Length.ofFeet(4), grams);
      for (double swath = 8; swath <= test.thrown().feet(); swath += 6) {
        for (Driving driving : Driving.values()) {
          assertThat(test.cv(Length.ofFeet(swath), driving))
              .as("%d pans, %s ft, %s", pans, swath, driving)
              .isCloseTo(walked(test, swath, driving), within(0.012));
        }
      }
    }
  }

  @Test
  void theWidestSwathIsOfferedEvenWhereTheCurveTurnsBack() {
    var offered =
        LOPSIDED
            .widest(Driving.BACK_AND_FORTH, Figures.shipped().of(PanTest.COVER_CROPS))
            .orElseThrow();
    assertThat(offered.cv()).isLessThanOrEqualTo(0.20);
    LOPSIDED.curve(Driving.BACK_AND_FORTH).stream()
        .filter(p -> p.swath().feet() > offered.swath().feet())
        .forEach(p -> assertThat(p.cv()).isGreaterThan(0.20));
    assertThat(
            LOPSIDED
                .widest(Driving.BACK_AND_FORTH, Figures.shipped().of(PanTest.EVEN))
                .orElseThrow()
                .swath()
                .feet())
        .as("a stricter limit never offers more")
        .isLessThanOrEqualTo(offered.swath().feet());
    PanTest spikes = new PanTest(Length.ofFeet(5), List.of(0.0, 0.0, 50.0, 0.0, 0.0, 0.0, 0.0));
    assertThat(spikes.widest(Driving.ONE_WAY, 0.15)).isEmpty();
  }

  @Test
  void pansThatCannotBeAreRefused() {
    assertThatThrownBy(() -> new PanTest(Length.ofFeet(5), List.of(1.0, 2.0)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("5–200 pans, got 2");
    assertThatThrownBy(() -> new PanTest(Length.ofFeet(5), List.of(0.0, 0.0, 0.0, 0.0, 0.0)))
        .hasMessageContaining("no pan caught any seed");
    assertThatThrownBy(() -> new PanTest(Length.ofFeet(5), List.of(1.0, 2.0, -3.0, 1.0, 1.0)))
        .hasMessageContaining("grams in a pan is 0–");
    assertThatThrownBy(() -> LOPSIDED.cv(Length.ofFeet(0), Driving.ONE_WAY))
        .hasMessageContaining("swath is more than 0");
  }
}
