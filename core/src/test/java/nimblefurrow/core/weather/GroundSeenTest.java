package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;

/** A gauge's rain and soil in the hand move the topsoil of their ground; hours make days. */
class GroundSeenTest {
  private static final Figures F = Figures.shipped();
  private static final LocalDate DAY = LocalDate.of(2027, 5, 10);
  private static final WeatherTrace TRACE = TestWeather.outlook(DAY).traces().get(0);

  private static double water(GroundSeen seen, LocalDate date) {
    return TopsoilWater.run(TRACE, TestWeather.SITE, SoilTexture.SILT_LOAM, false, 0, 0, seen, F)
        .shareOfCapacity(date);
  }

  @Test
  void moreRainInTheGaugeNeverDriesTheSoil() {
    double before = 0;
    int tried = 0;
    for (double in : new double[] {0, 0.2, 0.6, 1.5}) {
      double now = water(new GroundSeen(Map.of(DAY, in), Map.of()), DAY);
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
      tried++;
    }
    assertThat(tried).isEqualTo(4);
    assertThat(before).isGreaterThan(water(new GroundSeen(Map.of(DAY, 0.0), Map.of()), DAY));
    double station = TRACE.on(DAY).rainIn();
    assertThat(water(new GroundSeen(Map.of(DAY, station), Map.of()), DAY))
        .isEqualTo(water(GroundSeen.NOTHING, DAY));
  }

  @Test
  void whatIsFeltPullsTheSumsAndFadesWithTheWeather() {
    GroundSeen.Felt wet = new GroundSeen.Felt(1.15, 0.12);
    LocalDate day = DAY;
    while (TRACE.on(day.plusDays(1)).rainIn() > 0 || water(GroundSeen.NOTHING, day) > 0.8) {
      day = day.plusDays(1);
    }
    double reckoned = water(GroundSeen.NOTHING, day);
    GroundSeen felt = new GroundSeen(Map.of(), Map.of(day, wet));
    // Both are as sure: the middle between them.
    assertThat(water(felt, day)).isCloseTo((reckoned + 1.15) / 2, within(1e-9));
    assertThat(water(felt, day.minusDays(1)))
        .isEqualTo(water(GroundSeen.NOTHING, day.minusDays(1)));
    double next =
        Math.abs(water(felt, day.plusDays(1)) - water(GroundSeen.NOTHING, day.plusDays(1)));
    double later =
        Math.abs(water(felt, day.plusDays(40)) - water(GroundSeen.NOTHING, day.plusDays(40)));
    assertThat(later).isLessThan(next / 4);
  }

  @Test
  void whatCannotBeReadIsRefused() {
    assertThatThrownBy(() -> new GroundSeen(Map.of(DAY, 21.0), Map.of()))
        .hasMessageContaining("rain of a day");
    assertThatThrownBy(() -> new GroundSeen.Felt(2, .1)).hasMessageContaining("water felt");
  }

  private static List<DaysOfHours.Reading> hours(int count) {
    List<DaysOfHours.Reading> hours = new ArrayList<>();
    for (int h = 0; h < count; h++) {
      hours.add(
          new DaysOfHours.Reading(
              LocalDateTime.of(2026, 5, 3, h, 0),
              50 + h,
              h == 6 ? 0.25 : h == 7 ? 0.15 : 0,
              Optional.of(h >= 12 && h < 18 ? 12.0 : 2.0),
              Optional.of(h >= 12 && h < 18 ? 40.0 : 90.0),
              Optional.of(1.0)));
    }
    return hours;
  }

  @Test
  void hoursMakeADayByTheAfternoon() {
    DailyWeather day = DaysOfHours.of(hours(24), 40.5, F).get(0);
    assertThat(day.date()).isEqualTo(LocalDate.of(2026, 5, 3));
    assertThat(day.maxF()).isEqualTo(73);
    assertThat(day.minF()).isEqualTo(50);
    assertThat(day.rainIn()).isCloseTo(0.40, within(1e-9));
    assertThat(day.windMph()).isEqualTo(12);
    assertThat(day.humidity()).isEqualTo(40);
    assertThat(day.sunMj()).isEqualTo(24);
    assertThat(DaysOfHours.of(hours(20), 40.5, F)).hasSize(1);
    assertThat(DaysOfHours.of(hours(19), 40.5, F)).isEmpty();
  }
}
