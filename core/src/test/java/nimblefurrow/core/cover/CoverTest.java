package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
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
    assertThat(both).isGreaterThan(rye).isLessThanOrEqualTo(1.151 * Math.max(rye, vetch));
  }

  @Test
  void winterKilledCoverRotsAfterTheFrost() {
    MatForecast oats =
        new MatForecast(CoverStand.sown(Mix.of(OATS), LocalDate.of(2026, 8, 10)), OUTLOOK);
    double november = oats.on(LocalDate.of(2026, 11, 15)).middle();
    double april = oats.on(LocalDate.of(2027, 4, 1)).middle();
    assertThat(november).isGreaterThan(1500);
    assertThat(april).isLessThan(0.75 * november);
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
