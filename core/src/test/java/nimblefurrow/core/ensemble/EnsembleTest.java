package nimblefurrow.core.ensemble;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EnsembleTest {
  private static final Ensemble<Integer> TEN = Ensemble.of(10, i -> i + 1);
  private static final Ensemble<Integer> SOME = Ensemble.of(Arrays.asList(4, null, 2, null));

  @ParameterizedTest
  @CsvSource({"0.1,1", "0.11,2", "0.5,5", "0.51,6", "0.8,8", "0.9,9", "1.0,10", "0.001,1"})
  void aQuantileIsTheLeastAnswerThatSuchAShareDoesNotExceed(double share, int expected) {
    assertThat(TEN.quantile(share)).contains(expected);
  }

  @ParameterizedTest
  @CsvSource({"0.8,3", "0.5,6", "0.9,2", "1.0,1", "0.75,3"})
  void aLastDayWorksInSuchAShareOfYears(double share, int expected) {
    assertThat(TEN.reachedBy(share)).contains(expected);
  }

  @Test
  void whatIsNotReachedComesLastAndCountsAgainstAChance() {
    assertThat(SOME.notReached()).isEqualTo(2);
    assertThat(SOME.never()).isFalse();
    assertThat(SOME.quantile(0.25)).contains(2);
    assertThat(SOME.middle()).contains(4);
    assertThat(SOME.quantile(0.51)).isEmpty();
    assertThat(SOME.reachedBy(0.51)).isEmpty();
    assertThat(SOME.chance(v -> true).fraction()).isEqualTo(0.5);
    assertThat(Ensemble.<Integer>never(3).never()).isTrue();
    assertThat(Ensemble.<Integer>never(3).middle()).isEmpty();
    assertThat(Ensemble.<Integer>never(0).chance(v -> true).fraction()).isZero();
  }

  @Test
  void yearsAreJoinedOneByOne() {
    Ensemble<Integer> other = Ensemble.of(Arrays.asList(3, 5, null, null));
    assertThat(SOME.leastOfBoth(other)).isEqualTo(Ensemble.of(Arrays.asList(3, null, null, null)));
    assertThat(SOME.mostOfBoth(other)).isEqualTo(Ensemble.of(Arrays.asList(4, null, null, null)));
    assertThat(SOME.leastOfEither(other)).isEqualTo(Ensemble.of(Arrays.asList(3, 5, 2, null)));
    assertThat(SOME.mostOfEither(other)).isEqualTo(Ensemble.of(Arrays.asList(4, 5, 2, null)));
    assertThat(SOME.where(other, (mine, its) -> mine > its))
        .isEqualTo(Ensemble.of(Arrays.asList(4, null, null, null)));
    assertThat(SOME.map(v -> v * 2)).isEqualTo(Ensemble.of(Arrays.asList(8, null, 4, null)));
  }

  /** Open in a different half each: no year has both, though each alone has half of them. */
  @Test
  void chancesThatHangTogetherAreCountedTogether() {
    Ensemble<Integer> opens = Ensemble.of(List.of(1, 1, 20, 20));
    Ensemble<Integer> closes = Ensemble.of(List.of(10, 10, 30, 30));
    assertThat(opens.chance(closes, (from, to) -> from <= 15 && to >= 15).fraction()).isZero();
    assertThat(opens.chance(from -> from <= 15).fraction()).isEqualTo(0.5);
    assertThat(closes.chance(to -> to >= 15).fraction()).isEqualTo(0.5);
  }

  @Test
  void oneAnswerStandsForEveryYear() {
    Ensemble<Integer> fixed = Ensemble.certain(3);
    assertThat(fixed.in(27)).contains(3);
    assertThat(fixed.leastOfBoth(TEN).years()).isEqualTo(10);
    assertThat(fixed.leastOfBoth(TEN).most()).contains(3);
    assertThat(TEN.chance(fixed, (a, b) -> a <= b).fraction()).isEqualTo(0.3);
  }

  /** Against counting by hand, with years that are not reached among them. */
  @Test
  void quantilesCountYears() {
    SplittableRandom random = new SplittableRandom(4);
    int bound = 0;
    for (int n = 1; n < 60; n++) {
      List<Integer> years = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        years.add(random.nextInt(5) == 0 ? null : random.nextInt(40));
      }
      Ensemble<Integer> ensemble = Ensemble.of(years);
      double share = 0.01 + 0.98 * random.nextDouble();
      if (ensemble.quantile(share).isPresent()) {
        int at = ensemble.quantile(share).get();
        assertThat(notAbove(years, at)).isGreaterThanOrEqualTo(share - 1e-9);
        assertThat(notAbove(years, at - 1)).isLessThan(share);
        bound++;
      } else {
        assertThat(notAbove(years, Integer.MAX_VALUE)).isLessThan(share);
      }
    }
    assertThat(bound).isGreaterThan(20);
  }

  private static double notAbove(List<Integer> years, int most) {
    return (double) years.stream().filter(v -> v != null && v <= most).count() / years.size();
  }
}
