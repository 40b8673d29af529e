package nimblefurrow.core.cashcrop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Corn drying in the field, counted out by hand for weather of one kind. */
class DryDownTest {
  private static final LocalDate FROM = LocalDate.of(2026, 1, 1);
  private static final LocalDate TO = LocalDate.of(2027, 12, 31);

  private static WeatherTrace even(double meanF, double rain) {
    return TestWeather.trace(FROM, TO, d -> meanF, d -> rain);
  }

  private static long days(WeatherTrace trace, LocalDate mature, double moisture) {
    return ChronoUnit.DAYS.between(
        mature, DryDown.reaches(trace, TestWeather.SITE, mature, moisture, Figures.shipped()));
  }

  @ParameterizedTest
  @CsvSource({
    // 74 °F gives 24 °F-days a day: a point a day from 35 to 30 %.
    "74,30,5",
    // then 27 a point: 24/27 of a point a day, 5 points in 5.6 days.
    "74,25,11",
    // then 33 a point: 24/33 a day, 5 points in 6.9 days.
    "74,20,18"
  })
  void warmDaysDryByHeat(double mean, double moisture, long expected) {
    assertThat(days(even(mean, 0.5), LocalDate.of(2026, 8, 1), moisture))
        .isCloseTo(expected, org.assertj.core.api.Assertions.within(1L));
  }

  @Test
  void coolDryDaysStillTakeTheirLeast() {
    // 45 °F has no heat above 50, but a high of 55 and no rain: 0.45 a point to 15 October, then
    // 0.35, then 0.25.
    LocalDate mature = LocalDate.of(2026, 10, 1);
    // 14 days at 0.45 to the 15th take 6.3 points, 16 at 0.35 take 5.6: 23.1 % on the 31st; 12.4
    // more days to 20 %.
    assertThat(DryDown.reaches(even(45, 0), TestWeather.SITE, mature, 20, Figures.shipped()))
        .isEqualTo(LocalDate.of(2026, 11, 13));
  }

  @Test
  void wetOrColdDaysTakeNothing() {
    LocalDate mature = LocalDate.of(2026, 10, 1);
    assertThat(DryDown.reaches(even(45, 0.3), TestWeather.SITE, mature, 20, Figures.shipped()))
        .isNull();
    assertThat(DryDown.reaches(even(30, 0), TestWeather.SITE, mature, 20, Figures.shipped()))
        .isNull();
  }

  @Test
  void nobodyWaitsForLessThanFourteen() {
    LocalDate mature = LocalDate.of(2026, 8, 1);
    WeatherTrace warm = even(80, 0);
    assertThat(DryDown.reaches(warm, TestWeather.SITE, mature, 5, Figures.shipped()))
        .isEqualTo(DryDown.reaches(warm, TestWeather.SITE, mature, 14, Figures.shipped()));
  }

  @Test
  void drierTakesLonger() {
    WeatherTrace fall = even(62, 0.1);
    long before = -1;
    for (double moisture = 34; moisture >= 15; moisture--) {
      long days = days(fall, LocalDate.of(2026, 9, 5), moisture);
      assertThat(days).isGreaterThan(before);
      before = days;
    }
  }
}
