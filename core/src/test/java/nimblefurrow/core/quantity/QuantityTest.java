package nimblefurrow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityTest {
  @Test
  void anAcreIsTheLegalAcre() {
    assertThat(Area.ofAcres(1).squareFeet()).isEqualTo(43_560);
    assertThat(Area.ofAcres(1).hectares()).isCloseTo(0.40468564, within(1e-8));
    assertThat(Area.ofSquareMetres(10_000).hectares()).isCloseTo(1, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({
    "BASE_40,90,60,35",
    "BASE_40,45,25,0",
    "BASE_50,90,60,25",
    "CORN_86_50,90,60,23",
    "CORN_86_50,70,40,10"
  })
  void degreeDaysOfOneDay(HeatBase base, double max, double min, double expected) {
    assertThat(base.degreeDays(max, min)).isCloseTo(expected, within(1e-9));
  }

  @Test
  void heatsOfDifferentBasesDoNotMix() {
    Heat forty = Heat.of(100, HeatBase.BASE_40);
    assertThatThrownBy(() -> forty.plus(Heat.of(100, HeatBase.BASE_50)))
        .isInstanceOf(OutOfRange.class);
  }

  @ParameterizedTest
  @CsvSource({"98,0.98", "0.98,0.98", "100,1", "1,1", "85,0.85"})
  void tagsReadPercentAndFractionAlike(double typed, double fraction) {
    assertThat(Share.fromTag("purity", typed).fraction()).isCloseTo(fraction, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({"0", "-5", "850", "100.1", "NaN"})
  void tagsRefuseWhatCannotBe(double typed) {
    assertThatThrownBy(() -> Share.fromTag("germination", typed))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("germination")
        .hasMessageContaining("100");
  }

  @Test
  void notANumberNeverPasses() {
    assertThatThrownBy(() -> Area.ofAcres(Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> SeedRate.poundsPerAcre(-5))
        .hasMessageContaining("seed rate")
        .hasMessageContaining("-5");
  }

  @Test
  void fieldCapacityFromSpeedWidthAndEfficiency() {
    assertThat(WorkRate.of(5, 15, Share.of(0.70)).acresPerHour()).isCloseTo(6.36, within(0.005));
  }

  @Test
  void poundsInArePoundsOutInEveryUnit() {
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < 500; i++) {
      double lb = random.nextDouble(0.1, 400);
      SeedRate rate = SeedRate.poundsPerAcre(lb);
      assertThat(SeedRate.kilogramsPerHectare(rate.kilogramsPerHectare()).poundsPerAcre())
          .isCloseTo(lb, within(1e-9));
      double seeds = rate.seedsPerSquareFoot(18_000);
      assertThat(SeedRate.seedsPerSquareFoot(seeds, 18_000).poundsPerAcre())
          .isCloseTo(lb, within(1e-9));
      Area area = Area.ofAcres(random.nextDouble(1, 500));
      assertThat(Mass.ofKilograms(rate.over(area).kilograms()).pounds())
          .isCloseTo(lb * area.acres(), within(1e-6));
    }
  }

  @Test
  void reasonsAreSaidInEitherUnit() {
    Reason reason = Reason.of("{} on {}", SeedRate.poundsPerAcre(60), LocalDate.of(2026, 10, 6));
    assertThat(reason.in(UnitSystem.US)).isEqualTo("60.0 lb/ac on 6 Oct");
    assertThat(reason.in(UnitSystem.METRIC)).isEqualTo("67.3 kg/ha on 6 Oct");
  }

  @Test
  void poundsUsedOverAcresCoveredIsTheRateSown() {
    assertThat(SeedRate.used(Mass.ofPounds(4320), Area.ofAcres(60)).poundsPerAcre()).isEqualTo(72);
    assertThatThrownBy(() -> SeedRate.used(Mass.ofPounds(10), Area.ofAcres(0)))
        .hasMessageContaining("area is more than 0");
  }
}
