package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;

/** Seasons to learn from stray where they say and nowhere else; forecasts are set against truth. */
class ScenarioTest {
  private static final LocalDate FROM = LocalDate.of(2024, 7, 1);
  private static final LocalDate TO = LocalDate.of(2025, 6, 30);
  private static final WeatherRecord USUAL =
      TestWeather.CLIMATE.between(LocalDate.of(2023, 1, 1), LocalDate.of(2025, 12, 31));

  private static double rain(WeatherRecord weather, LocalDate from, LocalDate to) {
    return weather.between(from, to).days().stream().mapToDouble(DailyWeather::rainIn).sum();
  }

  @Test
  void eachStraysInItsOwnDaysOnly() {
    List<Scenario> all = Scenario.all(Figures.shipped());
    assertThat(all)
        .extracting(Scenario::code)
        .containsExactly("usual", "frozen_spring", "drought", "wet_may", "early_frost", "southern");
    for (Scenario scenario : all) {
      WeatherRecord weather = scenario.over(USUAL, FROM, TO);
      assertThat(weather.days()).hasSameSizeAs(USUAL.days());
      for (LocalDate before = USUAL.first(); before.isBefore(FROM); before = before.plusDays(1)) {
        assertThat(weather.on(before)).isEqualTo(USUAL.on(before));
      }
      assertThat(scenario.teaches()).isNotBlank();
    }
    Scenario frozen = Scenario.coded("frozen_spring", Figures.shipped());
    LocalDate april = LocalDate.of(2025, 4, 1);
    WeatherRecord cold = frozen.over(USUAL, FROM, TO);
    assertThat(cold.on(april).maxF()).isCloseTo(USUAL.on(april).maxF() - 8, within(1e-9));
    assertThat(cold.on(LocalDate.of(2024, 4, 1))).isEqualTo(USUAL.on(LocalDate.of(2024, 4, 1)));
    WeatherRecord wet = Scenario.coded("wet_may", Figures.shipped()).over(USUAL, FROM, TO);
    LocalDate may = LocalDate.of(2025, 5, 1);
    assertThat(rain(wet, may, may.plusDays(30)) / rain(USUAL, may, may.plusDays(30)))
        .isCloseTo(2.6, within(0.1));
    assertThat(Scenario.coded("southern", Figures.shipped()).latitude()).contains(33.0);
  }

  @Test
  void anUnknownSeasonIsRefused() {
    assertThatThrownBy(() -> Scenario.coded("monsoon", Figures.shipped()))
        .hasMessageContaining("no season is called “monsoon”");
  }

  private static DailyWeather day(int of, double mean, double rain) {
    return new DailyWeather(FROM.plusDays(of), mean + 10, mean - 10, rain, 0, 8, 50, 20);
  }

  @Test
  void forecastsAreHeldAgainstWhatCame() {
    WeatherRecord came = WeatherRecord.of(List.of(day(1, 60, 0), day(2, 64, 0.5), day(3, 70, 0)));
    List<ForecastCheck> checks =
        ForecastCheck.of(
            Map.of(
                FROM,
                List.of(day(1, 61, 0), day(2, 60, 0)),
                FROM.plusDays(1),
                List.of(day(2, 67, 0.2), day(3, 69, 0.1))),
            came);
    assertThat(checks).hasSize(2);
    assertThat(checks.get(0))
        .isEqualTo(new ForecastCheck(1, 2, 2, 2, 1, 0, 0)); // +1 and +3; rain said and came
    assertThat(checks.get(1)).isEqualTo(new ForecastCheck(2, 2, 2.5, -2.5, 0, 1, 1)); // −4 and −1
    assertThat(ForecastCheck.of(Map.of(), came)).isEmpty();
  }
}
