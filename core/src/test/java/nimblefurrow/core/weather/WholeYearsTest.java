package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A year is whole or it is not, and an outlook can be made on every day. */
class WholeYearsTest {
  private static final WeatherRecord ALL =
      new WeatherGenerator(40.5, 11, Figures.shipped())
          .generate(LocalDate.of(2012, 1, 1), LocalDate.of(2028, 12, 31));

  @ParameterizedTest
  @CsvSource({
    "2012-01-01, 2024-12-31, 13",
    "2012-01-01, 2024-12-30, 12",
    "2012-01-01, 2024-12-26, 12",
    "2012-01-02, 2024-12-31, 12",
    "2012-01-06, 2023-12-27, 10",
    "2012-03-01, 2012-12-31, 0",
    "2012-01-01, 2012-12-31, 1"
  })
  void aYearThatLacksADayIsNotWhole(LocalDate first, LocalDate last, int years) {
    assertThat(ALL.between(first, last).wholeYears()).hasSize(years);
  }

  /**
   * Three years, one of them a leap year, of a farm whose record ends on the day or the day before.
   */
  @ParameterizedTest
  @CsvSource({"40.5, 0", "-33, 1"})
  void anOutlookCanBeMadeOnEveryDay(double latitude, int behind) {
    int asked = 0;
    for (LocalDate today = LocalDate.of(2026, 1, 1);
        today.isBefore(LocalDate.of(2029, 1, 1));
        today = today.plusDays(1)) {
      WeatherRecord known = ALL.until(today.minusDays(behind));
      List<Integer> years = known.wholeYears();
      WeatherRecord climate =
          known.between(
              LocalDate.of(years.get(years.size() - 10), 1, 1),
              LocalDate.of(years.get(years.size() - 1), 12, 31));
      LocalDate from = today.minusDays(20);
      Outlook outlook =
          Outlook.of(
              Figures.shipped(),
              new Site(latitude, -97),
              climate,
              known.between(from, today),
              List.of(),
              today,
              from,
              today.plusDays(400));
      assertThat(outlook.traces()).hasSize(10);
      assertThat(outlook.last()).isAfter(today.plusDays(364));
      asked++;
    }
    assertThat(asked).isEqualTo(1096);
  }

  @Test
  void theRunningYearIsNoClimateYearBeforeItsLastEvening() {
    assertThat(ALL.until(LocalDate.of(2027, 12, 30)).wholeYears()).doesNotContain(2027);
    assertThat(ALL.until(LocalDate.of(2027, 12, 31)).wholeYears()).contains(2027);
    assertThat(TestWeather.CLIMATE.wholeYears()).hasSize(28).startsWith(1998).endsWith(2025);
  }
}
