package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BlendOrderTest {
  private static final MethodFigures WAYS = new MethodFigures(Figures.shipped());

  private static Species species(String id) {
    return Catalogue.shipped().species(id);
  }

  private static SeedBlend blend(Object... idsAndRates) {
    List<SeedBlend.Part> parts = new java.util.ArrayList<>();
    for (int i = 0; i < idsAndRates.length; i += 2) {
      parts.add(
          new SeedBlend.Part(
              species((String) idsAndRates[i]),
              SeedRate.poundsPerAcre(((Number) idsAndRates[i + 1]).doubleValue())));
    }
    return new SeedBlend(parts);
  }

  @Test
  void roomIsWhatTheMembersTakeTogether() {
    // 60 lb of rye at 45 and 13 lb of oats at 26: 73 lb in 1.8333 ft³.
    assertThat(blend("cereal-rye", 60, "oats", 13).poundsPerCubicFoot())
        .isCloseTo(73 / (60 / 45.0 + 13 / 26.0), within(1e-9));
    assertThat(blend("cereal-rye", 60).poundsPerCubicFoot()).isCloseTo(45, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "cereal-rye,hairy-vetch,false",
    "cereal-rye,crimson-clover,true",
    "cereal-rye,annual-ryegrass,true",
    "oats,winter-barley,true",
    "winter-wheat,winter-triticale,false",
    "cereal-rye,radish,false"
  })
  void unlikeSeedsPart(String a, String b, boolean parts) {
    assertThat(blend(a, 40, b, 10).separates()).isEqualTo(parts);
    assertThat(blend(b, 40, a, 10).separates()).isEqualTo(parts);
  }

  @Test
  void whatPartsIsFlownApartAndNothingIsLost() {
    SeedBlend mix = blend("cereal-rye", 60, "crimson-clover", 8, "hairy-vetch", 10, "turnip", 1);
    List<SeedBlend> passes = mix.passes();
    assertThat(passes).hasSize(2).noneMatch(SeedBlend::separates);
    assertThat(passes.stream().mapToDouble(p -> p.rate().poundsPerAcre()).sum()).isEqualTo(79);
    assertThat(mix.cautions(SeedingMethod.DRONE, 0).get(0).in(UnitSystem.US))
        .contains("separate passes");
    assertThat(mix.cautions(SeedingMethod.DRILL, 0).get(0).in(UnitSystem.US))
        .contains("separate box");
  }

  @Test
  void tooLittleToMeterAsksForACarrier() {
    assertThat(blend("turnip", 3).cautions(SeedingMethod.DRILL, 5).get(0).in(UnitSystem.US))
        .isEqualTo(
            "3.0 lb/ac is less than this machine can meter (5.0 lb/ac): add a carrier, or take another machine");
    assertThat(blend("turnip", 6).cautions(SeedingMethod.DRILL, 5)).isEmpty();
  }

  @Test
  void anOrderRoundsUpToBagsAfterTheStore() {
    Species rye = species("cereal-rye");
    Species vetch = species("hairy-vetch");
    List<SeedOrder.Line> lines =
        SeedOrder.of(
            List.of(
                new SeedOrder.Need(rye, "North", Mass.ofPounds(5000)),
                new SeedOrder.Need(vetch, "North", Mass.ofPounds(900)),
                new SeedOrder.Need(rye, "South", Mass.ofPounds(2000))),
            0.03,
            Map.of("cereal-rye", Mass.ofPounds(1200), "hairy-vetch", Mass.ofPounds(5000)),
            Map.of("cereal-rye", new SeedOrder.Offer("Tansy Seed", Mass.ofPounds(2000), 0.25)));
    assertThat(lines.get(0).needed().pounds()).isCloseTo(7210, within(1e-9));
    assertThat(lines.get(0).shortfall().pounds()).isCloseTo(6010, within(1e-9));
    assertThat(lines.get(0).packs()).as("totes of 2,000 lb").isEqualTo(4);
    assertThat(lines.get(0).cost()).isEqualTo(Money.of(2000));
    assertThat(lines.get(0).fields()).hasSize(2);
    assertThat(lines.get(1).packs()).as("the store has enough").isZero();
    assertThat(lines.get(1).cost()).isEqualTo(Money.of(0));
  }

  @Test
  void anExactNeedBuysNoExtraBag() {
    var line =
        SeedOrder.of(
                List.of(new SeedOrder.Need(species("oats"), "A", Mass.ofPounds(500))),
                0,
                Map.of(),
                Map.of())
            .get(0);
    assertThat(line.packs()).isEqualTo(10);
    assertThat(line.bought().pounds()).isEqualTo(500);
  }

  @Test
  void anOrderForNoSeedIsRefused() {
    assertThatThrownBy(() -> SeedOrder.of(List.of(), 0.03, Map.of(), Map.of()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("no field wants seed");
    assertThatThrownBy(
            () ->
                SeedOrder.of(
                    List.of(new SeedOrder.Need(species("oats"), "A", Mass.ofPounds(0))),
                    0.03,
                    Map.of(),
                    Map.of()))
        .hasMessageContaining("no field wants seed");
  }

  @ParameterizedTest
  @CsvSource({
    "DRILL,0.80,1.0",
    "PRECISION_PLANTER,0.88,0.75",
    "INTERSEEDER,0.72,1.0",
    "BROADCAST_TILLAGE,0.62,1.25",
    "ROW_AIR_SEEDER,0.45,1.3",
    "COMBINE_SEEDER,0.50,1.25",
    "AIRPLANE,0.38,1.5",
    "HELICOPTER,0.38,1.5",
    "DRONE,0.38,1.5",
    "BROADCAST,0.35,1.5",
    "SLURRY,0.50,1.4",
    "FROST_SEEDING,0.45,1.2"
  })
  void everyWayInHasItsEmergenceAndRate(SeedingMethod way, double emergence, double rate) {
    assertThat(WAYS.emergence(way, species("cereal-rye"), SoilTexture.LOAM)).isEqualTo(emergence);
    assertThat(WAYS.rateFactor(way, false)).isEqualTo(rate);
  }

  @Test
  void surfaceSeedComesUpByItsSuitability() {
    // hairy vetch 1 → 0.7, triticale 2 → 0.9, pea 0 → 0.4
    assertThat(WAYS.emergence(SeedingMethod.DRONE, species("hairy-vetch"), SoilTexture.LOAM))
        .isCloseTo(0.266, within(1e-9));
    assertThat(WAYS.emergence(SeedingMethod.DRONE, species("winter-triticale"), SoilTexture.LOAM))
        .isCloseTo(0.342, within(1e-9));
    assertThat(WAYS.emergence(SeedingMethod.DRONE, species("winter-pea"), SoilTexture.LOAM))
        .isCloseTo(0.152, within(1e-9));
    assertThat(WAYS.emergence(SeedingMethod.DRILL, species("winter-pea"), SoilTexture.LOAM))
        .isEqualTo(0.80);
    assertThat(WAYS.emergence(SeedingMethod.SLURRY, species("cereal-rye"), SoilTexture.SAND))
        .isEqualTo(0.30);
    assertThat(WAYS.rateFactor(SeedingMethod.COMBINE_SEEDER, true)).isEqualTo(1.0);
    assertThat(WAYS.rateFactor(SeedingMethod.DRILL, true)).isEqualTo(1.0);
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void everyWayInHasAMachineToDoIt(SeedingMethod way) {
    var kind = nimblefurrow.core.yard.MachineKind.valueOf(way.name());
    assertThat(Figures.shipped().sheet("fit-days").row(kind.code()).number("hours")).isPositive();
    assertThat(nimblefurrow.core.job.Cautions.of(kind, Figures.shipped())).isNotEmpty();
  }

  @Test
  void ratesAreTypedInAnyUnit() {
    Species rye = species("cereal-rye");
    assertThat(SeedRate.bushelsPerAcre(1.5, Mass.ofPounds(rye.bushelPounds())).poundsPerAcre())
        .isEqualTo(84);
    assertThat(SeedRate.kilogramsPerHectare(67.25).poundsPerAcre()).isCloseTo(60, within(0.01));
    assertThat(SeedRate.seedsPerSquareFoot(24.8, rye.seedsPerPound()).poundsPerAcre())
        .isCloseTo(60, within(0.05));
  }

  @Test
  void discPassesTakeDaysAndHours() {
    var steps =
        WorkSequence.discPasses(
            3,
            false,
            Area.ofAcres(4),
            nimblefurrow.core.quantity.WorkRate.acresPerHour(2),
            Figures.shipped());
    assertThat(steps).hasSize(5);
    assertThat(steps.get(1).afterDays()).isEqualTo(5);
    assertThat(steps.stream().mapToDouble(WorkSequence.Step::hours).sum()).isEqualTo(11);
    assertThatThrownBy(
            () ->
                WorkSequence.discPasses(
                    4,
                    true,
                    Area.ofAcres(4),
                    nimblefurrow.core.quantity.WorkRate.acresPerHour(2),
                    Figures.shipped()))
        .hasMessageContaining("disc passes is 1–3");
    assertThat(WorkSequence.fallBurndown(true)).contains("kills the cover too");
  }

  @ParameterizedTest
  @CsvSource({
    "DRILL,false,0",
    "DRILL,true,1",
    "DISC_PASSES,false,4",
    "DISC_PASSES,true,5",
    "HARVEST_SPREADER,false,3"
  })
  void aWayInHasItsGoesAndSlurryIsTheLast(SeedingMethod way, boolean slurry, int goes) {
    var steps =
        WorkSequence.of(
            way,
            2,
            slurry,
            true,
            Area.ofAcres(4),
            nimblefurrow.core.quantity.WorkRate.acresPerHour(2),
            Figures.shipped());
    assertThat(steps).hasSize(goes);
    if (slurry) {
      assertThat(steps.get(goes - 1).what()).contains("slurry over the sown ground");
      assertThat(steps.get(goes - 1).withinDays()).isEqualTo(21);
    }
  }
}
