package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;

/** Leaves after a morning's drizzle: wet long, and slow to dry. */
class LeafFilmTest {
  @Test
  void drizzleFromFiveToEightKeepsTheLeavesWetTillOne() {
    DailyWeather day = new DailyWeather(LocalDate.of(2027, 5, 22), 63, 54, 0.24, 0, 6, 78, 8);
    List<Hour> hours = HoursOfDays.of(day, Set.of(5, 6, 7), TestWeather.SITE, Figures.shipped());
    assertThat(hours.get(8).temperatureF()).isCloseTo(59.4, within(0.05));
    assertThat(hours.get(8).vapourKpa()).isCloseTo(0.20, within(0.005));
    assertThat(hours.get(8).windMph()).isCloseTo(4.9, within(0.05));
    assertThat(hours.get(8).dewPointF()).isCloseTo(56.0, within(0.05));
    assertThat(hours.get(8).filmMm()).isPositive();
    assertThat(hours.get(12).filmMm()).isPositive();
    assertThat(hours.get(13).filmMm()).isZero();
  }

  @Test
  void leavesDryAQuarterAnHourAfterDewAndLaterAfterRain() {
    LeafFilm dew = new LeafFilm(Figures.shipped());
    dew.pass(false, 1, 0, 0, 3, 0.6);
    assertThat(dew.millimetres()).isCloseTo(0.03, within(1e-9));
    assertThat(dew.dryness()).isZero();
    for (int hour = 1; hour <= 4; hour++) {
      dew.pass(false, 20, 2, 1, 9, 0.6);
      assertThat(dew.dryness()).isCloseTo(0.25 * hour, within(1e-9));
    }
    LeafFilm rain = new LeafFilm(Figures.shipped());
    rain.pass(true, 20, 2, 1, 9, 0.6);
    double[] wanted = {0, 0, 0, 1 / 3.0, 2 / 3.0, 1, 1};
    int asked = 0;
    for (double dryness : wanted) {
      rain.pass(false, 20, 2, 1, 9, 0.6);
      assertThat(rain.dryness()).as("hour " + asked).isCloseTo(dryness, within(1e-9));
      asked++;
    }
    assertThat(asked).isEqualTo(7);
    assertThat(rain.dryness()).isEqualTo(1);
  }
}
