package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;

/** The strip above the lanes says what was, and then what is likely. */
class WeatherStripTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 7, 15);
  private static final WeatherRecord SEEN =
      new WeatherGenerator(40.5, 5, Figures.shipped()).generate(LocalDate.of(2026, 1, 1), TODAY);
  private static final Outlook OUTLOOK =
      Outlook.of(
          Figures.shipped(),
          TestWeather.SITE,
          TestWeather.CLIMATE,
          SEEN,
          List.of(),
          TODAY,
          SEEN.first(),
          LocalDate.of(2027, 6, 30));
  private static final WeatherStrip STRIP = WeatherStrip.of(OUTLOOK);

  private static int index(LocalDate day) {
    return (int) (day.toEpochDay() - STRIP.first().toEpochDay());
  }

  @Test
  void measuredDaysAreAsMeasured() {
    assertThat(STRIP.measured()).isEqualTo(index(TODAY) + 1);
    for (LocalDate day = SEEN.first(); !day.isAfter(TODAY); day = day.plusDays(13)) {
      DailyWeather seen = SEEN.on(day);
      int i = index(day);
      assertThat(STRIP.lowF()[i]).isEqualTo((int) Math.round(seen.minF()));
      assertThat(STRIP.highF()[i]).isEqualTo((int) Math.round(seen.maxF()));
      assertThat(STRIP.frostPercent()[i]).isEqualTo(seen.minF() <= 32 ? 100 : 0);
    }
  }

  @Test
  void aheadTheBandIsWideAndFrostComesWithTheFall() {
    int october = index(LocalDate.of(2026, 10, 20));
    assertThat(STRIP.lowF()[october]).isLessThan(STRIP.middleF()[october]);
    assertThat(STRIP.middleF()[october]).isLessThan(STRIP.highF()[october]);
    assertThat(STRIP.frostPercent()[index(LocalDate.of(2026, 8, 10))]).isZero();
    assertThat(STRIP.frostPercent()[october]).isBetween(5, 90);
    assertThat(STRIP.frostPercent()[index(LocalDate.of(2027, 1, 15))]).isGreaterThan(80);
  }
}
