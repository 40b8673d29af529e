package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import nimblefurrow.core.quantity.HeatBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The shipped figures: as published, and none that cannot be. */
class CatalogueTest {
  @ParameterizedTest
  @CsvSource({
    "cereal-rye,18000,45,60,120,34,-20,250",
    "winter-triticale,15000,40,75,120,38,-6,280",
    "oats,16000,26,70,100,38,18,700",
    "hairy-vetch,16000,48,20,30,42,0,650",
    "crimson-clover,150000,48,15,20,42,7,850",
    "radish,34000,42,8,12,45,21,900"
  })
  void figuresAreAsPublished(
      String id,
      double seeds,
      double density,
      double usual,
      double high,
      double soil,
      double cold,
      double heat) {
    Species s = Catalogue.shipped().species(id);
    assertThat(s.seedsPerPound()).isEqualTo(seeds);
    assertThat(s.bulkPoundsPerCubicFoot()).isEqualTo(density);
    assertThat(s.usual().poundsPerAcre()).isEqualTo(usual);
    assertThat(s.high().poundsPerAcre()).isEqualTo(high);
    assertThat(s.soilMinimumF()).isEqualTo(soil);
    assertThat(s.coldF()).isEqualTo(cold);
    assertThat(s.useful().degreeDays()).isEqualTo(heat);
    assertThat(s.useful().base()).isEqualTo(HeatBase.BASE_40);
  }

  @Test
  void noFigureIsOutOfOrder() {
    for (Species s : Catalogue.shipped().all()) {
      assertThat(s.low().poundsPerAcre()).as(s.id()).isLessThanOrEqualTo(s.usual().poundsPerAcre());
      assertThat(s.usual().poundsPerAcre())
          .as(s.id())
          .isLessThanOrEqualTo(s.high().poundsPerAcre());
      assertThat(s.poorStand()).as(s.id()).isLessThan(s.goodStand());
      assertThat(s.air()).as(s.id()).isBetween(0, 3);
      double before = 0;
      for (CoverStage stage : CoverStage.values()) {
        if (s.stages().containsKey(stage)) {
          assertThat(s.stages().get(stage)).as(s.id() + " " + stage).isGreaterThan(before);
          before = s.stages().get(stage);
        }
      }
      GrowthFigures g = s.growth();
      assertThat(g.cnVegetative()).isLessThanOrEqualTo(g.cnBoot());
      assertThat(g.cnFlower()).isLessThanOrEqualTo(g.cnDough());
    }
  }

  @Test
  void ryeAloneKnowsItsThreeHeats() {
    Species rye = Catalogue.shipped().species("cereal-rye");
    assertThat(rye.survives().orElseThrow().degreeDays()).isEqualTo(60);
    assertThat(rye.rollOnly().orElseThrow().degreeDays()).isEqualTo(320);
    assertThat(rye.rollHigh().orElseThrow().poundsPerAcre()).isEqualTo(170);
    assertThat(Catalogue.shipped().all())
        .filteredOn(s -> s.survives().isPresent())
        .containsExactly(rye);
  }

  @Test
  void residueHalvesByItsCarbon() {
    assertThat(Residue.halfLifeWeeks(24)).isEqualTo(6);
    java.time.LocalDate dead = java.time.LocalDate.of(2027, 5, 1);
    assertThat(Residue.left(24, dead, dead.plusWeeks(6))).isEqualTo(0.5);
    assertThat(Residue.left(24, dead, dead.minusDays(3))).isEqualTo(1);
  }
}
