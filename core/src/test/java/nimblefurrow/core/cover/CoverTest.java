package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Temperature;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");
  private static final Species OATS = Catalogue.shipped().species("oats");
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 6, 1));
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 25);

  @ParameterizedTest
  @CsvSource({"963,421,3854", "963,980,7662", "203,980,4963", "1474,0,1898"})
  void ryeGrowthCheckValues(double fall, double spring, double expected) {
    assertThat(new Growth(Figures.shipped()).winter(RYE.growth(), fall, spring).poundsPerAcre())
        .isCloseTo(expected, within(0.5));
  }

  @Test
  void growthNeverShrinksWithHeat() {
    double before = 0;
    for (double heat = 0; heat < 3000; heat += 7) {
      double now =
          new Growth(Figures.shipped())
              .winter(VETCH.growth(), Math.min(heat, 900), Math.max(0, heat - 900))
              .poundsPerAcre();
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
  }

  @ParameterizedTest
  @CsvSource({"-4,0,6.6", "-4,6,21.2", "33,0,33"})
  void crownUnderSnow(double air, double snow, double crown) {
    assertThat(Winter.crown(Temperature.fahrenheit(air), snow, Figures.shipped()).fahrenheit())
        .isCloseTo(crown, within(0.05));
  }

  @Test
  void halfDieAtTheColdFigureAndRyeDoesNot() {
    assertThat(Winter.killChance(VETCH, Temperature.fahrenheit(0)).fraction())
        .isCloseTo(0.5, within(1e-9));
    assertThat(Winter.killChance(RYE, OUTLOOK, SOWN).fraction()).isLessThan(0.01);
    assertThat(Winter.killChance(OATS, OUTLOOK, SOWN).fraction()).isGreaterThan(0.95);
  }

  @ParameterizedTest
  @CsvSource({"2026-09-20,0", "2026-10-04,44", "2026-12-15,150", "2026-09-01,0"})
  void lateSownSmallGrainsComeLater(LocalDate sown, double later) {
    assertThat(StageForecast.lateness(RYE, sown, TestWeather.SITE)).isCloseTo(later, within(1e-9));
    assertThat(StageForecast.lateness(VETCH, sown, TestWeather.SITE)).isZero();
  }

  @Test
  void eightyPercentComesThirtyEightDegreeDaysAfterHalf() {
    assertThat(
            new StageForecast(
                    RYE,
                    CoverStand.sown(Mix.of(RYE), LocalDate.of(2026, 9, 20)),
                    TestWeather.outlook(LocalDate.of(2026, 9, 1)))
                .sharePast(916.5, 878.6))
        .isCloseTo(0.80, within(0.001));
    StageForecast stages = new StageForecast(RYE, CoverStand.sown(Mix.of(RYE), SOWN), OUTLOOK);
    LocalDate half = stages.when(CoverStage.FLOWERING).orElseThrow().median().orElseThrow();
    LocalDate most =
        stages.when(CoverStage.FLOWERING, Share.of(0.8)).orElseThrow().median().orElseThrow();
    assertThat(most).isAfter(half).isBefore(half.plusDays(6));
    assertThat(half).isBetween(LocalDate.of(2027, 5, 8), LocalDate.of(2027, 5, 26));
  }

  @Test
  void aMissingStageIsMissingNotZero() {
    StageForecast vetch = new StageForecast(VETCH, CoverStand.sown(Mix.of(VETCH), SOWN), OUTLOOK);
    assertThat(vetch.mean(CoverStage.JOINTING)).isEmpty();
    assertThat(vetch.when(CoverStage.JOINTING)).isEmpty();
  }

  @Test
  void aMixNeverOutgrowsItsBestMemberByMuch() {
    LocalDate may = LocalDate.of(2027, 5, 20);
    double rye = middle(Mix.of(RYE), may);
    double vetch = middle(Mix.of(VETCH), may);
    double both = middle(Mix.of(RYE).and(VETCH, 1), may);
    assertThat(both).isGreaterThan(rye).isLessThanOrEqualTo(1.15 * Math.max(rye, vetch) + 1e-6);
  }

  @Test
  void winterKilledCoverRotsAfterTheFrost() {
    MatForecast oats =
        new MatForecast(CoverStand.sown(Mix.of(OATS), LocalDate.of(2026, 8, 10)), OUTLOOK);
    double november = oats.on(LocalDate.of(2026, 11, 15)).middle();
    double april = oats.on(LocalDate.of(2027, 4, 1)).middle();
    assertThat(november).isGreaterThan(1500);
    assertThat(april).isLessThan(0.5 * november);
  }

  @Test
  void theBandHoldsTheModelsOwnErrorEvenForToday() {
    Spread now =
        new MatForecast(CoverStand.sown(Mix.of(RYE), SOWN), OUTLOOK).on(LocalDate.of(2027, 5, 1));
    assertThat(now.low() / now.middle()).isLessThan(Math.exp(-1.28 * 0.35) + 1e-3);
    assertThat(now.high()).isGreaterThan(now.middle());
  }

  @Test
  void aSampleMovesTheCurveByItsWeight() {
    // Precision 1/0.35² = 8.163 against 1/0.10² = 100: the sample holds 92.45 % of the weight.
    CurveScale after =
        CurveScale.UNSAMPLED.after(
            DryMatter.poundsPerAcre(4000), DryMatter.poundsPerAcre(2000), 0.10);
    assertThat(after.factor(Figures.shipped())).isCloseTo(Math.pow(0.5, 0.92453), within(1e-4));
    assertThat(after.spread(Figures.shipped())).isCloseTo(0.09615, within(1e-4));
    CoverStand stand = new CoverStand(Mix.of(RYE), SOWN, 1, Map.of(), after);
    MatForecast sampled = new MatForecast(stand, OUTLOOK);
    LocalDate may = LocalDate.of(2027, 5, 10);
    assertThat(sampled.on(may).middle())
        .isCloseTo(after.factor(Figures.shipped()) * middle(Mix.of(RYE), may), within(1e-6));
    assertThat(sampled.curveOn(may).poundsPerAcre())
        .isCloseTo(middle(Mix.of(RYE), may), within(1e-6));
  }

  @Test
  void heavierIsNeverLikelier() {
    MatForecast mat = new MatForecast(CoverStand.sown(Mix.of(RYE), SOWN), OUTLOOK);
    double before = 1;
    for (int pounds = 500; pounds < 12_000; pounds += 500) {
      double chance =
          mat.chanceOfAtLeast(DryMatter.poundsPerAcre(pounds), LocalDate.of(2027, 5, 20));
      assertThat(chance).isBetween(0.0, before);
      before = chance;
    }
  }

  @Test
  void aThinStandGrowsLess() {
    assertThat(new Growth(Figures.shipped()).standFactor(12, 12)).isCloseTo(0.9502, within(1e-4));
    assertThat(new Growth(Figures.shipped()).standFactor(3, 12)).isCloseTo(0.5276, within(1e-4));
    assertThat(Growth.nitrogenFactor(25, 100)).isEqualTo(0.5);
    assertThat(Growth.nitrogenFactor(300, 100)).isEqualTo(1);
  }

  @Test
  void mixesAreCheckedAsTheyAreMade() {
    assertThatThrownBy(() -> Mix.of(RYE).and(RYE, 0.5))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("twice");
    assertThatThrownBy(() -> Mix.of(RYE).and(VETCH, 0))
        .hasMessageContaining("share of a full rate of Hairy vetch");
    assertThatThrownBy(() -> Catalogue.shipped().species("kudzu"))
        .hasMessageContaining("catalogue");
  }

  private static double middle(Mix mix, LocalDate day) {
    return new MatForecast(CoverStand.sown(mix, SOWN), OUTLOOK).on(day).middle();
  }
}
