package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
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
      s.poorStand()
          .ifPresent(poor -> assertThat(poor).as(s.id()).isLessThan(s.goodStand().orElseThrow()));
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
    assertThat(Residue.halfLifeWeeks(Figures.shipped(), 24)).isEqualTo(6);
    assertThat(Residue.left(Figures.shipped(), 24, 6)).isEqualTo(0.5);
    assertThat(Residue.left(Figures.shipped(), 24, 0)).isEqualTo(1);
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "cereal-rye,18000,45,45,60,120,0.75,2,34,-20,250,0.6,3",
    "winter-triticale,15000,40,60,75,120,0.75,2,38,-6,280,0.6,2",
    "winter-wheat,15000,48,60,75,120,0.75,1.5,38,-4,250,0.6,2",
    "winter-barley,14000,39,50,75,110,0.75,2,38,6,400,0.6,2",
    "oats,16000,26,50,70,100,0.5,1.5,38,18,700,0.6,2",
    "annual-ryegrass,220000,20,12,18,25,0.25,0.5,40,2,600,0.4,3",
    "sorghum-sudangrass,19000,42,25,35,50,0.5,1.5,62,30,1150,0.35,0",
    "pearl-millet,85000,44,10,15,20,0.5,1,65,31,1150,0.35,0",
    "hairy-vetch,16000,48,15,20,30,0.5,1.5,42,0,650,,1",
    "crimson-clover,150000,48,12,15,20,0.25,0.5,42,7,850,,2",
    "red-clover,275000,48,8,10,12,0.25,0.5,41,-15,850,,3",
    "alfalfa,200000,48,10,14,18,0.25,0.5,41,-15,900,,1",
    "berseem-clover,207000,48,10,12,15,0.25,0.5,42,20,1050,,2",
    "winter-pea,4000,48,40,50,70,1,2,41,6,600,,0",
    "lentil,16000,48,20,30,40,0.75,1.5,40,15,700,,0",
    "cowpea,3800,48,40,50,70,1,1.5,60,32,1150,,0",
    "sunn-hemp,15000,44,15,20,30,0.5,1,60,30,1150,,1",
    "radish,34000,42,6,8,12,0.25,0.75,45,21,900,0.35,3",
    "turnip,200000,44,2,4,6,0.25,0.5,45,17,850,0.25,3",
    "rapeseed,140000,42,3,5,8,0.25,0.75,41,5,650,0.15,3",
    "white-mustard,75000,43,6,9,14,0.25,0.75,41,25,850,0.15,2",
    "winter-camelina,380000,40,4,5,7,0,0.25,38,-15,350,0.4,3",
    "buckwheat,16000,39,40,55,80,0.5,1.5,50,32,700,0.35,1",
    "phacelia,230000,38,7,9,12,0.25,0.5,38,18,900,0.3,1",
    "flax,82000,43,25,35,45,0.5,1,42,25,850,0.4,1",
    "sunflower,7000,22,3,5,7,1,2,50,28,1000,0.5,0"
  })
  void everySpeciesHasItsFigures(
      String id,
      double seeds,
      double density,
      double low,
      double usual,
      double high,
      double shallow,
      double deep,
      double soil,
      double cold,
      double heat,
      Double cap,
      int air) {
    Species s = Catalogue.shipped().species(id);
    assertThat(
            new double[] {
              s.seedsPerPound(),
              s.bulkPoundsPerCubicFoot(),
              s.low().poundsPerAcre(),
              s.usual().poundsPerAcre(),
              s.high().poundsPerAcre(),
              s.depthLowIn(),
              s.depthHighIn(),
              s.soilMinimumF(),
              s.coldF(),
              s.useful().degreeDays(),
              s.air()
            })
        .containsExactly(seeds, density, low, usual, high, shallow, deep, soil, cold, heat, air);
    assertThat(s.cap().orElse(null)).isEqualTo(cap);
    assertThat(s.useful().base())
        .isEqualTo(s.life() == Life.WARM ? HeatBase.BASE_50 : HeatBase.BASE_40);
  }

  @Test
  void twentySixSpeciesAndNoMore() {
    assertThat(Catalogue.shipped().all()).hasSize(26);
  }

  @Test
  void aFarmsOwnFigureReplacesTheStartingValueAndNothingElse() {
    Catalogue own =
        Catalogue.of(
            Figures.shipped()
                .with(
                    Map.of(
                        new FigureId("species", "cereal-rye", "price_per_lb"),
                        0.42,
                        new FigureId("species", "cereal-rye", "cap"),
                        0.5)));
    assertThat(own.species("cereal-rye").pricePerPound()).isEqualTo(0.42);
    assertThat(own.species("cereal-rye").cap()).contains(0.5);
    assertThat(own.species("cereal-rye").useful())
        .isEqualTo(Catalogue.shipped().species("cereal-rye").useful());
    assertThat(own.species("oats").cap()).isEqualTo(Catalogue.shipped().species("oats").cap());
    assertThat(Catalogue.shipped().species("cereal-rye").pricePerPound()).isEqualTo(0.30);
    assertThat(own.species("hairy-vetch").cap()).as("a dash is missing, not 0").isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "species,price_per_lb,-1,price is 0–100 $/lb",
    "species,seeds_per_lb,3,seeds per pound is 500–2,000,000",
    "species,rate_low,70,lowest full rate of Cereal rye is at most its usual full rate",
    "stages,flowering,1200,comes after the stage before it",
    "species,colour,3,figure is one of the catalogue's"
  })
  void anImpossibleFigureIsRefusedByName(String sheet, String key, double value, String said) {
    FigureId figure = new FigureId(sheet, "cereal-rye", key);
    assertThatThrownBy(() -> Catalogue.of(Figures.shipped().with(Map.of(figure, value))))
        .isInstanceOf(nimblefurrow.core.quantity.OutOfRange.class)
        .hasMessageContaining(said);
  }
}
