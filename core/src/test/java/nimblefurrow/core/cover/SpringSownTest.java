package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Covers that frost ends, sown in spring and summer; mixes by mass; heat at equality. */
class SpringSownTest {
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 3, 1));
  private static final LocalDate APRIL_NEXT = LocalDate.of(2027, 4, 10);

  private static CoverStand stand(String species, LocalDate sown) {
    return CoverStand.sown(Mix.of(Catalogue.shipped().species(species)), sown);
  }

  @ParameterizedTest
  @CsvSource({"oats,2026-01-20", "oats,2026-03-25", "oats,2026-05-20", "radish,2026-04-10"})
  void frostEndsWhatWasSownInSpring(String species, LocalDate sown) {
    CoverStand stand = stand(species, sown);
    double summer = new MatForecast(stand, OUTLOOK).on(LocalDate.of(2026, 9, 1)).middle();
    double later = new MatForecast(stand, OUTLOOK).on(APRIL_NEXT).middle();
    assertThat(summer).isGreaterThan(1000);
    assertThat(later).as("dead since the winter, and rotting").isLessThan(0.75 * summer);
    assertThat(Winter.killChance(stand.mix().members().get(0).species(), OUTLOOK, sown).fraction())
        .isGreaterThan(0.9);
  }

  @ParameterizedTest
  @ValueSource(strings = {"2026-01-20", "2026-03-25", "2026-05-20"})
  void springSownOatsAreNotLate(LocalDate sown) {
    SeasonComposer composer = new SeasonComposer(OUTLOOK, HouseRules.usual(Figures.shipped()));
    assertThat(composer.weeksLate(stand("oats", sown))).isZero();
    assertThat(composer.weeksLate(stand("oats", LocalDate.of(2026, 10, 20)))).isGreaterThan(2);
  }

  @ParameterizedTest
  @CsvSource({
    "buckwheat,2026-06-15,viable seed",
    "sorghum-sudangrass,2026-06-10,heads from",
    "oats,2026-04-01,heads from"
  })
  void summerSownCoversWarnOfTheirSeed(String species, LocalDate sown, String says) {
    assertThat(SummerSeed.warnings(stand(species, sown), OUTLOOK))
        .singleElement()
        .satisfies(r -> assertThat(r.in(UnitSystem.US)).contains(says).contains("% of years"));
  }

  @ParameterizedTest
  @CsvSource({"buckwheat,2026-09-10", "oats,2026-10-01", "cereal-rye,2026-06-10"})
  void lateOnesDoNot(String species, LocalDate sown) {
    assertThat(SummerSeed.warnings(stand(species, sown), OUTLOOK)).isEmpty();
  }

  /** 20 °F-days a day: ten days hold 200, the tenth of them with it. */
  @Test
  void heatIsReachedAndLeftOnTheVeryDay() {
    LocalDate first = LocalDate.of(2026, 9, 1);
    WeatherTrace trace = TestWeather.trace(first, LocalDate.of(2026, 12, 31), d -> 60.1);
    for (int days = 1; days <= 60; days++) {
      Heat heat = Heat.of(days * 20.1, HeatBase.BASE_40);
      LocalDate reached = trace.reaches(first, heat);
      assertThat(reached).isEqualTo(first.plusDays(days - 1L));
      assertThat(trace.lastDayLeaving(reached, heat)).as("%d days", days).isEqualTo(first);
    }
  }

  @Test
  void aMixRotsByWhatItWeighs() {
    Species rye = Catalogue.shipped().species("cereal-rye");
    Species vetch = Catalogue.shipped().species("hairy-vetch");
    LocalDate sown = LocalDate.of(2026, 9, 25);
    LocalDate day = LocalDate.of(2027, 5, 15);
    CoverStand mix = CoverStand.sown(Mix.of(rye).and(vetch, 0.2), sown);
    double alone =
        Nitrogen.carbonOfMix(new MatForecast(CoverStand.sown(Mix.of(rye), sown), OUTLOOK), day);
    double whole = Nitrogen.carbonOfMix(new MatForecast(mix, OUTLOOK), day);
    double[] parts = new MatForecast(mix, OUTLOOK).membersOn(day);
    double expected =
        (parts[0] + parts[1])
            / (parts[0] / Nitrogen.carbonOn(rye, mix, OUTLOOK, day)
                + parts[1] / Nitrogen.carbonOn(vetch, mix, OUTLOOK, day));
    assertThat(whole).isCloseTo(expected, within(1e-9)).isLessThan(alone);
    assertThat(parts[0]).isGreaterThan(3 * parts[1]);
    assertThat(Nitrogen.of(new MatForecast(mix, OUTLOOK), day).carbonToNitrogen()).isEqualTo(whole);
  }

  @Test
  void aCoverGrowsTallerTowardsFlowering() {
    CoverStand rye = stand("cereal-rye", LocalDate.of(2026, 9, 25));
    MatForecast mat = new MatForecast(rye, OUTLOOK);
    StageForecast stages =
        new StageForecast(Catalogue.shipped().species("cereal-rye"), rye, OUTLOOK);
    double before = 0;
    int asked = 0;
    for (LocalDate day = LocalDate.of(2027, 2, 1);
        day.isBefore(LocalDate.of(2027, 6, 10));
        day = day.plusDays(10)) {
      double tall = CoverHeight.on(stages, mat, day).inches();
      assertThat(tall).isGreaterThanOrEqualTo(before - 1e-9);
      before = tall;
      asked++;
    }
    assertThat(asked).isEqualTo(13);
    assertThat(before).isCloseTo(58, within(0.5));
  }
}
