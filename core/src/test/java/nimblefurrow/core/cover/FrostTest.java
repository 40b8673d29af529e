package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Set;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;

/**
 * The first cold nights of a winter-killed cover. Oats stand 18 °F; lows here lie 10 °F under the
 * mean.
 */
class FrostTest {
  private static final Species OATS = Catalogue.shipped().species("oats");
  private static final LocalDate SOWN = LocalDate.of(2026, 8, 20);
  private static final LocalDate UNTIL = LocalDate.of(2027, 3, 1);
  private static final LocalDate FIRST = LocalDate.of(2026, 11, 2);

  private static Frost frost(double coldMeanF, LocalDate... coldNights) {
    Set<LocalDate> cold = Set.of(coldNights);
    WeatherTrace trace =
        TestWeather.trace(LocalDate.of(2026, 8, 1), UNTIL, d -> cold.contains(d) ? coldMeanF : 45);
    return Frost.of(OATS, trace, SOWN, UNTIL);
  }

  @Test
  void theFirstNightEndsGrowthAndTheThirdKills() {
    Frost frost = frost(28, FIRST, FIRST.plusDays(5), FIRST.plusDays(9));
    assertThat(frost.stopped()).isEqualTo(FIRST);
    assertThat(frost.killed()).isEqualTo(FIRST.plusDays(9));
  }

  @Test
  void oneNightSixDegreesColderKillsAtOnce() {
    Frost frost = frost(22, FIRST.plusDays(3));
    assertThat(frost.stopped()).isEqualTo(FIRST.plusDays(3));
    assertThat(frost.killed()).isEqualTo(FIRST.plusDays(3));
  }

  @Test
  void aDegreeAboveItsLimitDoesNothing() {
    Frost frost = frost(29, FIRST, FIRST.plusDays(1), FIRST.plusDays(2), FIRST.plusDays(3));
    assertThat(frost.stopped()).isNull();
    assertThat(frost.killed()).isNull();
  }

  @Test
  void twoNightsStopItButLeaveItStanding() {
    Frost frost = frost(28, FIRST, FIRST.plusDays(1));
    assertThat(frost.stopped()).isEqualTo(FIRST);
    assertThat(frost.killed()).isNull();
  }
}
