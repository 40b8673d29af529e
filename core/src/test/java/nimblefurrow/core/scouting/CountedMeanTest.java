package nimblefurrow.core.scouting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a count leaves of the mean, also of counts that cannot both be right. */
class CountedMeanTest {
  private static final double EFFECT = 1 + 9 * .10;
  private static final CountedMean PRIOR = new CountedMean(900, 90);

  private static CountedMean counted(CountedMean before, double heat, int past, int of) {
    return before.after(heat, past / EFFECT, (of - past) / EFFECT, 45, 15);
  }

  @ParameterizedTest
  @CsvSource({"890, 30, 878.8, 18.6", "950, 50, 805.2, 53.0", "800, 0, 963.3, 60.5"})
  void theWorkedCountsAreMet(double heat, int past, double mean, double sd) {
    CountedMean after = counted(PRIOR, heat, past, 50);
    assertThat(after.mean()).isCloseTo(mean, within(.06));
    assertThat(after.sd()).isCloseTo(sd, within(.06));
  }

  /**
   * All past at 600, none past at 940: one of them is wrong, and the next count still says
   * something.
   */
  @Test
  void countsThatContradictEachOtherLeaveANumber() {
    CountedMean wrong = counted(PRIOR, 600, 50, 50);
    CountedMean then = counted(wrong, 940, 0, 50);
    assertThat(then.mean()).isFinite().isGreaterThan(wrong.mean());
    assertThat(then.sd()).isFinite().isPositive();
    assertThat(counted(then, 1_400, 0, 50).mean()).isFinite().isGreaterThan(then.mean());
  }

  @Test
  void noCountHoweverOddLeavesNothing() {
    SplittableRandom dice = new SplittableRandom(5);
    int counts = 0;
    for (int i = 0; i < 2_000; i++) {
      CountedMean belief = PRIOR;
      for (int n = 0; n < 4; n++) {
        int of = 10 + dice.nextInt(190);
        belief = counted(belief, dice.nextDouble(0, 4_000), dice.nextInt(of + 1), of);
        assertThat(belief.mean()).isFinite();
        assertThat(belief.sd()).isFinite().isGreaterThanOrEqualTo(15);
        counts++;
      }
    }
    assertThat(counts).isEqualTo(8_000);
  }
}
