package nimblefurrow.core.termination.worth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.season.Reseed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts of what a mat is worth, against figures worked out by hand. */
class WorthTest {
  private static final Figures F = Figures.shipped();

  @ParameterizedTest
  @CsvSource({"4800, 37, 20.2", "3800, 20, 11.9", "2900, 30, 9.7"})
  void aMatThatDiesAtPlantingIsWorthWhatItKeepsDown(double mat, double carbon, double worth) {
    WeedWorth at = WeedWorth.of(mat, carbon, WeedLoad.USUAL, false, F);
    assertThat(at.dollars()).isCloseTo(worth, within(0.06));
  }

  @Test
  void theWorkedExampleIsTakenApart() {
    WeedWorth worth = WeedWorth.of(4800, 37, WeedLoad.USUAL, false, F);
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
    double gain = Reseed.gain(now, 4900, then, 6200, WeedLoad.USUAL, false, false, 18, 16, 1, F);
    assertThat(gain).isCloseTo(-23.0, within(.05));
    assertThat(Reseed.gain(now, 900, then, 6200, WeedLoad.HEAVY, true, false, 18, 16, 1, F))
        .isPositive();
  }

  @Test
  void moreWeedsMakeAMatWorthMore() {
    double before = 0;
    for (WeedLoad load : WeedLoad.values()) {
      double now = WeedWorth.of(5000, 40, load, false, F).dollars();
      assertThat(now).isGreaterThan(before);
      before = now;
    }
  }
}
