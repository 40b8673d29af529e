package nimblefurrow.core.scouting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Stands counted by hoop and row, and how often the test of stems is wrong. */
class StandCountTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");

  private static StandCount rye(int perSpot, double stems) {
    return new StandCount(List.of(perSpot, perSpot), 1, Optional.of(stems));
  }

  @Test
  void plantsAlongARow() {
    double spot = StandCount.squareFeetOfRow(3, 7.5);
    assertThat(spot).isCloseTo(1.875, within(1e-12));
    StandCount count = new StandCount(List.of(24, 20, 28, 24), spot, Optional.empty());
    assertThat(count.perSquareFoot()).isCloseTo(12.8, within(1e-9));
    // SD of 24, 20, 28, 24 is 3.266; its mean's error 1.633; t of 3 at 95 % 2.3534.
    assertThat(count.halfWidth().orElseThrow()).isCloseTo(1.633 * 2.3534 / 1.875, within(0.002));
    assertThat(count.verdict(RYE)).isEqualTo(StandCount.Verdict.GOOD);
    assertThat(new StandCount(List.of(3), 1, Optional.empty()).halfWidth()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"12,GOOD", "11,FAIR", "7,FAIR", "6,POOR", "0,POOR"})
  void ryeByPlants(int plants, StandCount.Verdict verdict) {
    assertThat(new StandCount(List.of(plants), 1, Optional.empty()).verdict(RYE))
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({"10,4.5,GOOD", "10,2.5,FAIR", "10,2.4,POOR"})
  void ryeByStemsAtGreenUp(int plants, double stems, StandCount.Verdict verdict) {
    assertThat(rye(plants, stems).verdict(RYE)).isEqualTo(verdict);
  }

  /** Rye of 6 plants/ft² is poor, of 25 stems not: two of four spots, and one of four by stems. */
  @Test
  void poorSpotsAreToldOneByOne() {
    StandCount plants = new StandCount(List.of(6, 0, 7, 20), 1, Optional.empty());
    assertThat(plants.poorSpots(RYE).orElseThrow().fraction()).isEqualTo(0.5);
    StandCount stems = new StandCount(List.of(5, 0, 7, 20), 1, Optional.of(5.0));
    assertThat(stems.poorSpots(RYE).orElseThrow().fraction()).isEqualTo(0.25);
    assertThat(rye(20, 5).poorSpots(RYE).orElseThrow().fraction()).isZero();
    assertThat(rye(6, 1).poorSpots(Catalogue.shipped().species("flax"))).isEmpty();
  }

  @Test
  void stemsCountAsPlantsDoAndBareSpotsAreTold() {
    assertThat(rye(10, 4.5).asPlants(RYE)).isCloseTo(12, within(1e-9));
    assertThat(new StandCount(List.of(3), 1, Optional.of(4.0)).asPlants(VETCH)).isEqualTo(3);
    assertThat(new StandCount(List.of(0, 4, 0, 5), 1, Optional.empty()).skips()).isEqualTo(0.5);
    Species flax = Catalogue.shipped().species("flax");
    assertThat(rye(6, 1).verdict(flax)).isEqualTo(StandCount.Verdict.UNKNOWN);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> new StandCount(List.of(), 1, Optional.empty()))
        .hasMessageContaining("spots are 1–100");
    assertThatThrownBy(() -> new StandCount(List.of(-1), 1, Optional.empty()))
        .hasMessageContaining("plants of a spot");
    assertThatThrownBy(() -> new StandCount(List.of(1), 0, Optional.empty()))
        .hasMessageContaining("ground of a spot");
    assertThatThrownBy(() -> StandCount.squareFeetOfRow(3, 0)).hasMessageContaining("row spacing");
  }

  /** Fields of which so large a share is past, counted spot by spot until there is a verdict. */
  private static double ready(double share, long seed) {
    SplittableRandom dice = new SplittableRandom(seed);
    NormalDistribution unit = NormalDistribution.of(0, 1);
    double between = Math.sqrt(0.10);
    double cut = unit.inverseCumulativeProbability(share);
    int fields = 4000;
    int ready = 0;
    for (int field = 0; field < fields; field++) {
      int stems = 0;
      int past = 0;
      StemCount.Verdict verdict = StemCount.Verdict.COUNT_ON;
      for (int spot = 1; verdict == StemCount.Verdict.COUNT_ON; spot++) {
        double off = between * unit.inverseCumulativeProbability(dice.nextDouble());
        double p = unit.cumulativeProbability((cut - off) / Math.sqrt(0.90));
        for (int stem = 0; stem < 10; stem++) {
          past += dice.nextDouble() < p ? 1 : 0;
        }
        stems += 10;
        verdict = new StemCount(spot, stems, past).verdict(Figures.shipped());
      }
      ready += verdict == StemCount.Verdict.READY ? 1 : 0;
    }
    return (double) ready / fields;
  }

  @Test
  void theSequentialTestIsSeldomWrongWhereStemsOfASpotAreAlike() {
    assertThat(ready(0.60, 1)).as("called ready too early").isLessThanOrEqualTo(0.12);
    assertThat(1 - ready(0.80, 2)).as("sent home though ready").isLessThanOrEqualTo(0.12);
    assertThat(ready(0.95, 3)).isGreaterThan(0.99);
    assertThat(ready(0.30, 4)).isLessThan(0.01);
  }
}
