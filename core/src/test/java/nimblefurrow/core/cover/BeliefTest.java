package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.LogMixture;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is held of a field before and after somebody looked, against values worked out apart. */
class BeliefTest {
  private static final Figures FIGURES = Figures.shipped();
  private static final LocalDate APRIL = LocalDate.of(2027, 4, 20);
  private static final double[] CURVES = {5200, 6100, 6900, 7400, 8300};

  private static MatBelief clipped() {
    return MatBelief.UNSEEN.after(
        APRIL, DryMatter.poundsPerAcre(4000), 0.97, DryMatter.poundsPerAcre(5000), 0.12, FIGURES);
  }

  @Test
  void aClipLeansAndFades() {
    MatBelief once = clipped();
    assertThat(once.lean()).isCloseTo(0.555, within(0.0005));
    assertThat(once.variance()).isCloseTo(0.185, within(0.0005));
    MatBelief later = once.on(APRIL.plusDays(20), FIGURES);
    assertThat(later.lean()).isCloseTo(0.474, within(0.0005));
    assertThat(later.variance()).isCloseTo(0.406, within(0.0005));
    MatBelief twice =
        once.after(
            APRIL.plusDays(20),
            DryMatter.poundsPerAcre(6000),
            0.98,
            DryMatter.poundsPerAcre(6300),
            0.10,
            FIGURES);
    assertThat(twice.lean()).isCloseTo(0.253, within(0.0005));
    assertThat(twice.variance()).isCloseTo(0.129, within(0.0005));
  }

  @Test
  void theBandIsThatOfAllYearsTogether() {
    double[] error = new double[5];
    Arrays.fill(error, MatBelief.error(0.98, FIGURES));
    Spread before = new LogMixture(CURVES, error).spread();
    assertThat(before.low()).isCloseTo(4195, within(1.0));
    assertThat(before.middle()).isCloseTo(6707, within(1.0));
    assertThat(before.high()).isCloseTo(10_652, within(2.0));
    MatBelief seen = clipped().on(APRIL.plusDays(20), FIGURES);
    double[] moved = Arrays.stream(CURVES).map(c -> c * Math.exp(error[0] * seen.lean())).toArray();
    double[] surer = Arrays.stream(error).map(e -> e * Math.sqrt(seen.variance())).toArray();
    LogMixture after = new LogMixture(moved, surer);
    assertThat(after.spread().low()).isCloseTo(5542, within(2.0));
    assertThat(after.spread().middle()).isCloseTo(7844, within(2.0));
    assertThat(after.spread().high()).isCloseTo(10_922, within(3.0));
    assertThat(new LogMixture(CURVES, error).chanceOfAtLeast(7000)).isCloseTo(0.453, within(0.001));
    assertThat(after.chanceOfAtLeast(7000)).isCloseTo(0.662, within(0.001));
  }

  @Test
  void yearsWithoutAnyAreCountedAsNothing() {
    LogMixture half = new LogMixture(new double[] {0, 1000}, new double[] {0.3, 0.3});
    assertThat(half.spread().low()).isZero();
    assertThat(half.quantile(0.75)).isCloseTo(1000, within(0.01));
    assertThat(half.chanceOfAtLeast(1)).isCloseTo(0.5, within(1e-6));
    assertThat(new LogMixture(new double[] {0}, new double[] {0.3}).chanceOfAtLeast(1)).isZero();
  }

  @Test
  void aQuantileAndItsChanceAgree() {
    double[] error = {0.4, 0.35, 0.5, 0.33, 0.6};
    LogMixture mixture = new LogMixture(CURVES, error);
    int asked = 0;
    for (double chance = 0.01; chance < 0.995; chance += 0.02) {
      double amount = mixture.quantile(chance);
      assertThat(1 - mixture.chanceOfAtLeast(amount)).isCloseTo(chance, within(1e-7));
      asked++;
    }
    assertThat(asked).isEqualTo(50);
  }

  @Test
  void nothingCannotBeClippedNorSetAgainst() {
    DryMatter none = DryMatter.poundsPerAcre(0);
    DryMatter some = DryMatter.poundsPerAcre(3000);
    assertThatThrownBy(() -> MatBelief.UNSEEN.after(APRIL, none, 0.5, some, 0.1, FIGURES))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("biomass");
    assertThatThrownBy(() -> MatBelief.UNSEEN.after(APRIL, some, 0.5, some, 0, FIGURES))
        .hasMessageContaining("sampling error");
  }

  @ParameterizedTest
  @CsvSource({"30,890,878.8,18.6", "50,950,805.2,53.0", "0,800,963.3,60.5"})
  void aCountMovesTheMeanOfFlowering(int past, double heat, double mean, double sd) {
    StageBelief after =
        new StemCount(5, 50, past).anchored(StageBelief.uncounted(FIGURES), 900, heat, FIGURES);
    assertThat(900 + after.laterBy()).isCloseTo(mean, within(0.06));
    assertThat(after.sd()).isCloseTo(sd, within(0.06));
  }

  @Test
  void anUncountedFieldOfTheSameSeedMovesHalfTheWay() {
    StageBelief counted =
        new StemCount(5, 50, 30).anchored(StageBelief.uncounted(FIGURES), 900, 890, FIGURES);
    StageBelief other = counted.inAnotherField(FIGURES);
    assertThat(900 + other.laterBy()).isCloseTo(888.5, within(0.06));
    assertThat(other.sd()).isCloseTo(76.4, within(0.06));
  }

  @Test
  void furtherStagesAreLessSure() {
    StageBelief counted = new StageBelief(0, 18.6, Optional.of(890.0));
    assertThat(counted.sdOf(880, FIGURES)).isEqualTo(18.6);
    assertThat(counted.sdOf(1480, FIGURES)).isCloseTo(Math.hypot(18.6, 59), within(1e-9));
    assertThat(StageBelief.uncounted(FIGURES).sdOf(1480, FIGURES)).isEqualTo(90);
  }

  @Test
  void chancesOfAStageAreMeansOverTheYears() {
    // Three years of 880, 940 and 1,000 °F-days against a goal of 937.9 with an SD of 90: .508.
    double mean = 0;
    for (double heat : new double[] {880, 940, 1000}) {
      mean += phi((heat - 937.9) / 90) / 3;
    }
    assertThat(mean).isCloseTo(0.508, within(0.0005));
    Outlook outlook = TestWeather.outlook(LocalDate.of(2027, 4, 1));
    Species rye = Catalogue.shipped().species("cereal-rye");
    StageForecast stages =
        new StageForecast(rye, CoverStand.sown(Mix.of(rye), LocalDate.of(2026, 9, 20)), outlook);
    double goal = stages.mean(CoverStage.FLOWERING).orElseThrow();
    DateForecast dates = stages.at(goal);
    int asked = 0;
    for (LocalDate day = LocalDate.of(2027, 4, 25); day.isBefore(LocalDate.of(2027, 6, 5)); ) {
      double exact = 0;
      for (int year = 0; year < outlook.traces().size(); year++) {
        double heat = stages.heatOn(day).in(year).orElseThrow();
        exact += phi((heat - goal) / 90) / outlook.traces().size();
      }
      assertThat(stages.chanceReached(goal, day).fraction()).isCloseTo(exact, within(1e-4));
      assertThat(dates.chanceBy(day).fraction()).as(day.toString()).isCloseTo(exact, within(0.02));
      day = day.plusDays(1);
      asked++;
    }
    assertThat(asked).isEqualTo(41);
  }

  /** The normal law by a series, apart from the library that the rules use. */
  private static double phi(double z) {
    if (Math.abs(z) > 6) {
      return z < 0 ? 0 : 1;
    }
    double term = z;
    double sum = z;
    for (int i = 1; i < 200; i++) {
      term *= -z * z / (2 * i);
      sum += term / (2 * i + 1);
    }
    return 0.5 + sum / Math.sqrt(2 * Math.PI);
  }
}
