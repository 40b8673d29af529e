package nimblefurrow.core.termination.kill;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A riper cover dies no worse under the roller, and no better under glyphosate. */
class RipenessTest {
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));

  private static StageForecast stages(Species species) {
    return new StageForecast(
        species, CoverStand.sown(Mix.of(species), LocalDate.of(2026, 9, 12)), OUTLOOK);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "cereal-rye",
        "winter-triticale",
        "winter-wheat",
        "winter-barley",
        "hairy-vetch",
        "crimson-clover",
        "winter-pea",
        "annual-ryegrass",
        "red-clover"
      })
  void riperNeverKillsLessByRollerUntilItsSeedLives(String id) {
    Species species = Catalogue.shipped().species(id);
    StageForecast stages = stages(species);
    double viable = stages.mean(CoverStage.VIABLE_SEED).orElseThrow();
    double before = -1;
    double first = -1;
    int heats = 0;
    for (double heat = 100; heat <= viable; heat += 20) {
      double kill =
          RollerKill.of(species, RollerKill.classes(stages, heat), Conditions.GOOD).orElseThrow();
      assertThat(kill).as("%s at %.0f", id, heat).isGreaterThanOrEqualTo(before - 1e-9);
      first = first < 0 ? kill : first;
      before = kill;
      heats++;
    }
    assertThat(heats).isGreaterThan(20);
    assertThat(before).as("it rises").isGreaterThan(first);
  }

  @Test
  void aCoverPastTheRightSizeNeverDiesBetterByASpray() {
    HerbicideKill rye = HerbicideKill.of(Catalogue.shipped().species("cereal-rye")).orElseThrow();
    double before = 1;
    int steps = 0;
    for (double past = 0; past <= 1.0001; past += 0.1) {
      double kill = rye.kill(Math.min(1, past));
      assertThat(kill).isLessThanOrEqualTo(before);
      before = kill;
      steps++;
    }
    assertThat(steps).isEqualTo(11);
    assertThat(before).isEqualTo(0.93);
  }
}
