package nimblefurrow.core.termination.worth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.season.call.Reseed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts of what a mat is worth, against figures worked out by hand. */
class WorthTest {
  private static final Figures F = Figures.shipped();

  @ParameterizedTest
  @CsvSource({"4800, 37, 20.2", "3800, 20, 11.9", "2900, 30, 9.7"})
  void aMatThatDiesAtPlantingIsWorthWhatItKeepsDown(double mat, double carbon, double worth) {
    WeedWorth at = WeedWorth.of(mat, carbon, Weeds.USUAL, false, F);
    assertThat(at.dollars()).isCloseTo(worth, within(0.06));
  }

  @Test
  void theWorkedExampleIsTakenApart() {
    WeedWorth worth = WeedWorth.of(4800, 37, Weeds.USUAL, false, F);
    assertThat(worth.suppression()).isCloseTo(.542, within(.0005));
    assertThat(worth.saved()).isCloseTo(.104, within(.0005));
    assertThat(worth.dollars()).isCloseTo(20.2, within(.05));
  }

  @ParameterizedTest
  @CsvSource({"2000, .29", "4000, .58", "8000, .88"})
  void heavierMatsKeepMoreDown(double mat, double share) {
    assertThat(Suppression.dead(mat, F)).isCloseTo(share, within(.005));
  }

  @ParameterizedTest
  @CsvSource({"30, -11.2", "0, -47.1"})
  void nitrogenTiedUpCostsMoreWithoutAStarter(double starter, double dollars) {
    Nitrogen rye = Nitrogen.of(DryMatter.poundsPerAcre(4000), 45, F);
    assertThat(NitrogenWorth.of(rye, starter, F)).isCloseTo(dollars, within(.05));
  }

  @Test
  void sowingAgainIsSetAgainstSeedAndDrill() {
    Nitrogen now = Nitrogen.of(DryMatter.poundsPerAcre(4900), 46, F);
    Nitrogen then = Nitrogen.of(DryMatter.poundsPerAcre(6200), 46, F);
    double gain = Reseed.gain(now, 4900, then, 6200, Weeds.USUAL, false, false, 18, 16, 1, F);
    assertThat(gain).isCloseTo(-23.0, within(.05));
    assertThat(Reseed.gain(now, 4900, then, 6200, Weeds.USUAL, false, false, 18, 16, .3, F))
        .as("three tenths of the field cost three tenths")
        .isCloseTo(-6.9, within(.02));
    Weeds many = Weeds.USUAL.with(WeedLoad.HEAVY);
    assertThat(Reseed.gain(now, 900, then, 6200, many, true, false, 18, 16, 1, F)).isPositive();
  }

  @Test
  void moreWeedsMakeAMatWorthMore() {
    double before = 0;
    for (WeedLoad load : WeedLoad.values()) {
      double now = WeedWorth.of(5000, 40, Weeds.USUAL.with(load), false, F).dollars();
      assertThat(now).isGreaterThan(before);
      before = now;
    }
  }

  /** The mat that saves the pass in half of the fields: 5,785, of small-seeded weeds 4,994. */
  @Test
  void smallSeedsAreKeptDownBestAndRootsHardly() {
    assertThat(Suppression.dead(5785, F)).isCloseTo(.75, within(.0005));
    assertThat(Suppression.matLike(5785, WeedClass.SMALL_SEEDED, F)).isCloseTo(4994, within(1.5));
    assertThat(Suppression.matLike(5785, WeedClass.MIXED, F)).isCloseTo(5785, within(.01));
    assertThat(Suppression.matLike(5785, WeedClass.LARGE_OR_PERENNIAL, F)).isInfinite();
    assertThat(Suppression.dead(4000, WeedClass.SMALL_SEEDED, F)).isCloseTo(.6336, within(.0002));
    assertThat(Suppression.dead(12_000, WeedClass.SMALL_SEEDED, F)).isEqualTo(.95);
    assertThat(Suppression.dead(4000, WeedClass.LARGE_OR_PERENNIAL, F))
        .isCloseTo(.288, within(.0002));
    WeedWorth roots =
        WeedWorth.of(5000, 40, new Weeds(WeedLoad.USUAL, WeedClass.LARGE_OR_PERENNIAL), false, F);
    assertThat(roots.saved()).isZero();
    assertThat(roots.dollars())
        .isLessThan(WeedWorth.of(5000, 40, Weeds.USUAL, false, F).dollars() / 2);
  }
}
