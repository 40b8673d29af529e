package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A year against others, on weather whose sums can be told by hand. */
class YearSoFarTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);

  /** 2016 to 2025 each a degree warmer than the one before; 2026 has 10 °F-days a day. */
  private static WeatherRecord years() {
    List<DailyWeather> days = new ArrayList<>();
    for (LocalDate d = LocalDate.of(2016, 1, 1); !d.isAfter(TODAY); d = d.plusDays(1)) {
      double mean = d.getYear() == 2026 ? 50 : 41 + d.getYear() - 2016;
      days.add(new DailyWeather(d, mean + 10, mean - 10, 0.1, 0, 10, 60, 10));
    }
    return WeatherRecord.of(days);
  }

  @Test
  void eachWeekAddsSevenDaysOfEachYear() {
    List<YearSoFar> weeks = YearSoFar.of(years(), d -> d.meanF() - 40, TODAY);
    assertThat(weeks).hasSize(52);
    for (int i = 0; i < weeks.size(); i++) {
      int days = 7 * (i + 1);
      assertThat(weeks.get(i).date()).isEqualTo(LocalDate.of(2026, 1, 1).plusDays(days - 1L));
      assertThat(weeks.get(i).before().low()).isCloseTo(1.0 * days, within(1e-6));
      assertThat(weeks.get(i).before().high()).isCloseTo(9.0 * days, within(1e-6));
    }
    assertThat(weeks.get(0).now().orElseThrow()).isCloseTo(70, within(1e-9));
    assertThat(weeks.stream().filter(w -> w.now().isPresent())).as("59 days of it").hasSize(8);
    assertThat(YearSoFar.of(years(), DailyWeather::rainIn, TODAY).get(3).now().orElseThrow())
        .isCloseTo(2.8, within(1e-9));
  }

  @Test
  void withoutAYearBeforeNothingIsTold() {
    WeatherRecord one = years().between(LocalDate.of(2026, 1, 1), TODAY);
    assertThat(YearSoFar.of(one, DailyWeather::rainIn, TODAY)).isEmpty();
  }
}
