package nimblefurrow.core.termination.spray;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tanks, partners, residuals and what the label says of a burndown. */
class SprayTest {
  private static final Figures F = Figures.shipped();
  private static final Catalogue ALL = Catalogue.shipped();
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 10));
  private static final NextCrop CORN = new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 5));

  private static Label glyphosate(Integer corn, Double carrier) {
    return new Label(
        "glyphosate",
        Label.Kind.SYSTEMIC,
        Optional.of(3.75),
        Optional.of(6.0),
        Optional.ofNullable(carrier),
        Optional.ofNullable(corn),
        Optional.of(0),
        Optional.of(12),
        Optional.of(14),
        Optional.of(33.0),
        true);
  }

  private static final Label DICAMBA =
      new Label(
          "dicamba",
          Label.Kind.GROWTH_REGULATOR,
          Optional.of(4.0),
          Optional.empty(),
          Optional.empty(),
          Optional.of(0),
          Optional.of(14),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          false);

  @Test
  void theStrictestLabelOfATankBinds() {
    Label quick =
        new Label(
            "saflufenacil",
            Label.Kind.CONTACT,
            Optional.empty(),
            Optional.of(1.0),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.of(24),
            Optional.empty(),
            Optional.empty(),
            false);
    TankLabels both = new TankLabels(List.of(glyphosate(14, 10.0), quick));
    assertThat(both.rainFreeHours()).contains(6.0);
    assertThat(both.reEntryHours()).contains(24);
    TankLabels unread = new TankLabels(List.of(glyphosate(14, 10.0), DICAMBA));
    assertThat(unread.rainFreeHours()).as("one is not read").isEmpty();
    assertThat(unread.reEntryHours()).isEmpty();
    assertThat(unread.buffer().feet()).as("of those that are read").isEqualTo(33);
    assertThat(new TankLabels(List.of(DICAMBA)).buffer().feet()).isZero();
    assertThatThrownBy(() -> new TankLabels(List.of())).hasMessageContaining("one product");
  }

  private static final Spraying HUNDRED = new Spraying(Spraying.Carrier.WATER, 15, 1000, 100);

  private static MatForecast mat(String species) {
    Mix mix = Mix.of(ALL.species("cereal-rye"));
    return new MatForecast(
        CoverStand.sown(
            species == null ? mix : mix.and(ALL.species(species), 0.6), LocalDate.of(2026, 9, 20)),
        TestWeather.outlook(LocalDate.of(2027, 4, 20)));
  }

  @Test
  void aTankIsReckonedToTheLastPartLoad() {
    Tank tank = Tank.of(1.1, 3.75, 20, 1000, 118);
    assertThat(tank.ouncesPerAcre()).isCloseTo(37.55, within(.05));
    assertThat(tank.acresPerTank()).isEqualTo(50);
    assertThat(tank.fullTanks()).isEqualTo(2);
    assertThat(tank.lastAcres()).isCloseTo(18, within(1e-9));
    assertThat(tank.lastGallons()).isCloseTo(360, within(1e-6));
    assertThat(tank.lastProductGallons()).isCloseTo(5.28, within(1e-9));
    assertThat(Tank.of(.75, 4.5, 20, 1000, 50).ouncesPerAcre()).isCloseTo(21.3, within(.05));
  }

  @ParameterizedTest
  @CsvSource({
    "1.1, 3.75, 20, 1000, 118",
    ".75, 4.5, 15, 300, 97.3",
    "1.5, 3, 10, 500, 100",
    "1, 4, 20, 60, 2"
  })
  void poundsInAreThePoundsInTheTanks(
      double rate, double gal, double carrier, double tank, double acres) {
    Tank loads = Tank.of(rate, gal, carrier, tank, acres);
    assertThat(loads.productGallons() * gal).isCloseTo(rate * acres, within(1e-6));
    assertThat(loads.fullTanks() * loads.acresPerTank() + loads.lastAcres())
        .isCloseTo(acres, within(1e-6));
  }

  @Test
  void anExactMultipleMakesNoEmptyLoad() {
    Tank tank = Tank.of(1, 4, 20, 1000, 150);
    assertThat(tank.fullTanks()).isEqualTo(3);
    assertThat(tank.lastAcres()).isZero();
    assertThatThrownBy(() -> Tank.of(9, 4, 20, 1000, 10)).hasMessageContaining("acid equivalent");
    assertThatThrownBy(() -> Tank.of(1, 4, 20, 5, 10)).hasMessageContaining("tank is 10–5000");
  }

  @Test
  void togetherRaisedOrSplit() {
    var ways = SprayKill.ways(.97, .60, .94, F);
    assertThat(ways).hasSize(3);
    assertThat(ways.get(0).least()).isCloseTo(.92, within(.005));
    assertThat(ways.get(1).least()).isCloseTo(.94, within(.005));
    assertThat(ways.get(2).least()).isCloseTo(.97, within(.005));
    assertThat(ways.get(2).moreDollars()).isEqualTo(9);
  }

  @ParameterizedTest
  @CsvSource({"5000, 0, .37", "5000, .5, .75", "5000, 2, .75", "0, 0, 1"})
  void aMatCatchesAResidualUntilItRains(double mat, double rain, double share) {
    assertThat(ResidualOnMat.reaches(mat, rain, F)).isCloseTo(share, within(.005));
  }

  @Test
  void theLabelForbidsAndAsks() {
    LocalDate on = LocalDate.of(2027, 5, 3);
    SprayPlan open =
        SprayPlan.of(mat(null), on, CORN, false, glyphosate(null, null), Optional.empty(), HUNDRED);
    assertThat(open.forbids()).isEmpty();
    assertThat(open.asks().toString()).contains("days to corn").contains("least spray");
    SprayPlan forbidden =
        SprayPlan.of(mat(null), on, CORN, false, glyphosate(7, 20.0), Optional.empty(), HUNDRED);
    assertThat(forbidden.forbids()).hasSize(2);
    assertThat(forbidden.asks()).isEmpty();
    assertThatThrownBy(
            () ->
                SprayPlan.of(
                    mat(null), on, BEANS, true, glyphosate(7, 10.0), Optional.empty(), HUNDRED))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("organic");
  }

  @ParameterizedTest
  @CsvSource({"winter-wheat, .95, true", "hairy-vetch, 1, false"})
  void liquidNitrogenKillsLessOfWheatAndIsTriedInAJar(String species, double less, boolean said) {
    LocalDate on = LocalDate.of(2027, 4, 20);
    MatForecast mat = mat(species);
    Label own = glyphosate(0, 10.0);
    SprayPlan water = SprayPlan.of(mat, on, BEANS, false, own, Optional.empty(), HUNDRED);
    SprayPlan nitrogen =
        SprayPlan.of(
            mat,
            on,
            BEANS,
            false,
            own,
            Optional.empty(),
            new Spraying(Spraying.Carrier.LIQUID_NITROGEN, 15, 1000, 100));
    assertThat(nitrogen.kills().get(1).kill())
        .isCloseTo(less * water.kills().get(1).kill(), within(1e-9));
    assertThat(nitrogen.against().toString().contains("in liquid nitrogen")).isEqualTo(said);
    assertThat(water.mixing().toString()).contains("condition the water").doesNotContain("jar");
    assertThat(nitrogen.mixing().toString()).contains("jar");
  }

  @Test
  void aMixWantsAPartnerAndItsWays() {
    LocalDate on = LocalDate.of(2027, 4, 28);
    SprayPlan alone =
        SprayPlan.of(
            mat("hairy-vetch"), on, BEANS, false, glyphosate(0, 10.0), Optional.empty(), HUNDRED);
    assertThat(alone.ways()).isEmpty();
    assertThat(alone.against().toString()).contains("usually wants a partner");
    SprayPlan both =
        SprayPlan.of(
            mat("hairy-vetch"),
            on,
            BEANS,
            false,
            glyphosate(0, 10.0),
            Optional.of(DICAMBA),
            HUNDRED);
    assertThat(both.ways()).hasSize(3);
    assertThat(both.forbids().toString()).contains("dicamba");
    assertThat(both.kills()).hasSize(2);
    assertThat(both.poundsPerAcre()).isBetween(.75, 1.5);
    assertThat(both.reachesWashed().fraction()).isGreaterThan(both.reachesSoil().fraction());
  }

  /** The burndown's last day and the growth's first go by the same heat, from the day of sowing. */
  @ParameterizedTest
  @CsvSource({"2026-09-05", "2026-09-20", "2026-10-10"})
  void itIsUpOnTheDayOnWhichGrowthBegins(LocalDate sown) {
    Outlook year = TestWeather.outlook(LocalDate.of(2026, 9, 1)).known();
    MatForecast rye =
        new MatForecast(CoverStand.sown(Mix.of(ALL.species("cereal-rye")), sown), year);
    LocalDate day = sown;
    while (rye.inYear(0, day, 0) <= 0) {
      day = day.plusDays(1);
    }
    FallBurndown burndown = FallBurndown.of(rye).orElseThrow();
    assertThat(burndown.up()).isEqualTo(day);
    assertThat(burndown.until()).isBetween(sown, day.minusDays(1));
  }
}
