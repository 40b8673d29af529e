package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;

class WeatherTest {
  private static final LocalDate SEP = LocalDate.of(2026, 9, 1);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 31);

  @Test
  void heatRunsOverNewYear() {
    WeatherTrace trace = TestWeather.trace(SEP, MAY, d -> 50);
    LocalDate from = LocalDate.of(2026, 12, 27);
    assertThat(trace.reaches(from, Heat.of(100, HeatBase.BASE_40)))
        .isEqualTo(LocalDate.of(2027, 1, 5));
    assertThat(trace.degreeDays(HeatBase.BASE_40, from, LocalDate.of(2027, 1, 5)))
        .isCloseTo(100, within(1e-9));
  }

  @Test
  void whatIsNeverReachedIsNotADate() {
    WeatherTrace trace = TestWeather.trace(SEP, MAY, d -> 30);
    assertThat(trace.reaches(SEP, Heat.of(1, HeatBase.BASE_40))).isNull();
    DateForecast forecast =
        DateForecast.of(java.util.Arrays.asList(null, SEP, SEP.plusDays(4), null));
    assertThat(forecast.median()).contains(SEP.plusDays(4));
    assertThat(forecast.late()).isEmpty();
    assertThat(forecast.notReached()).isEqualTo(2);
  }

  @Test
  void chancesCountTheDayItself() {
    DateForecast forecast =
        DateForecast.of(
            List.of(SEP, SEP.plusDays(1), SEP.plusDays(2), SEP.plusDays(3), SEP.plusDays(9)));
    assertThat(forecast.chanceBy(SEP.plusDays(2)).fraction()).isEqualTo(0.6);
    assertThat(forecast.days().chance(d -> !d.isBefore(SEP.plusDays(2))).fraction()).isEqualTo(0.6);
    assertThat(forecast.lastDayWithChance(0.8)).contains(SEP.plusDays(1));
  }

  @Test
  void lastDayLeavingHeatAgreesWithCountingDayByDay() {
    WeatherTrace trace =
        TestWeather.trace(SEP, MAY, d -> 40 + 20 * Math.sin(d.getDayOfYear() / 9.0));
    LocalDate until = LocalDate.of(2026, 12, 3);
    for (double heat : new double[] {10, 60, 250, 320}) {
      LocalDate slow = null;
      for (LocalDate day = SEP; !day.isAfter(until); day = day.plusDays(1)) {
        if (trace.degreeDays(HeatBase.BASE_40, day, until) >= heat) {
          slow = day;
        }
      }
      assertThat(trace.lastDayLeaving(until, Heat.of(heat, HeatBase.BASE_40))).isEqualTo(slow);
    }
  }

  @Test
  void dormancyIsTheFirstDayWithACold14DayMean() {
    LocalDate cold = LocalDate.of(2026, 11, 10);
    WeatherTrace trace = TestWeather.trace(SEP, MAY, d -> d.isBefore(cold) ? 50 : 30);
    // n cold days of 14 give a mean of 50 - 20n/14, below 40 from n = 8.
    Dormancy dormancy =
        Dormancy.in(trace, TestWeather.SITE, LocalDate.of(2027, 1, 1), Figures.shipped());
    assertThat(dormancy.date()).isEqualTo(cold.plusDays(7));
    assertThat(dormancy.reached()).isTrue();
    Dormancy never =
        Dormancy.in(
            TestWeather.trace(SEP, MAY, d -> 55),
            TestWeather.SITE,
            LocalDate.of(2027, 1, 1),
            Figures.shipped());
    assertThat(never.date()).isEqualTo(LocalDate.of(2026, 12, 31));
    assertThat(never.reached()).isFalse();
  }

  @Test
  void southOfTheEquatorTheYearTurnsInJuly() {
    Site south = new Site(-34, 148);
    assertThat(south.springStart(LocalDate.of(2026, 4, 10))).isEqualTo(LocalDate.of(2026, 7, 1));
    assertThat(south.dormancyFrom(LocalDate.of(2026, 7, 1))).isEqualTo(LocalDate.of(2026, 4, 1));
    assertThat(TestWeather.SITE.springStart(LocalDate.of(2026, 10, 10)))
        .isEqualTo(LocalDate.of(2027, 1, 1));
    assertThat(TestWeather.SITE.springStart(LocalDate.of(2027, 1, 20)))
        .isEqualTo(LocalDate.of(2027, 1, 1));
  }

  @Test
  void missingDaysAreFilledFromClimateAndMarkedNeverZero() {
    List<DailyWeather> days = new ArrayList<>(TestWeather.CLIMATE.days());
    LocalDate gap = LocalDate.of(2010, 7, 4);
    days.removeIf(d -> d.date().equals(gap));
    WeatherRecord record = WeatherRecord.of(days);
    assertThat(record.filled()).containsExactly(gap);
    assertThat(record.on(gap).maxF()).isBetween(70.0, 105.0);
  }

  @Test
  void twoRowsForADayAreRefused() {
    DailyWeather day = DailyWeather.measured(SEP, 80, 60, 0, 40);
    assertThatThrownBy(() -> WeatherRecord.of(List.of(day, day)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("two rows for 2026-09-01");
    assertThatThrownBy(() -> DailyWeather.measured(SEP, 40, 60, 0, 40))
        .hasMessageContaining("above the highest");
  }

  @Test
  void theOutlookKeepsWhatWasSeenAndSpreadsWhatIsToCome() {
    LocalDate today = LocalDate.of(2026, 9, 20);
    WeatherRecord seen =
        new WeatherGenerator(40.5, 5, Figures.shipped())
            .generate(LocalDate.of(2026, 1, 1), LocalDate.of(2027, 6, 30));
    List<DailyWeather> forecast =
        new WeatherGenerator(40.5, 42, Figures.shipped()).forecast(seen, today, 10, 5);
    Outlook outlook =
        Outlook.of(
            Figures.shipped(),
            TestWeather.SITE,
            TestWeather.CLIMATE,
            seen.until(today),
            forecast,
            today,
            seen.first(),
            LocalDate.of(2027, 6, 30));
    assertThat(outlook.traces()).hasSize(28);
    assertThat(spread(outlook, today)).isZero();
    assertThat(outlook.traces().get(3).on(today)).isEqualTo(seen.on(today));
    assertThat(spread(outlook, today.plusDays(1))).isBetween(0.1, 4.0);
    assertThat(spread(outlook, today.plusDays(1))).isLessThan(spread(outlook, today.plusDays(30)));
  }

  @Test
  void tooFewClimateYearsAreRefused() {
    WeatherRecord few = TestWeather.CLIMATE.until(LocalDate.of(2003, 12, 31));
    assertThatThrownBy(() -> TestWeather.outlook(TestWeather.SITE, few, SEP))
        .hasMessageContaining("climate needs 10 whole years");
  }

  @Test
  void moreRainNeverDriesTheSoil() {
    WeatherTrace some =
        TestWeather.trace(SEP, MAY, d -> 55, d -> d.getDayOfMonth() % 6 == 0 ? 0.3 : 0);
    WeatherTrace more =
        TestWeather.trace(
            SEP,
            MAY,
            d -> 55,
            d -> d.getDayOfMonth() % 6 == 0 ? 0.5 : d.getDayOfMonth() % 9 == 0 ? 0.2 : 0);
    for (SoilTexture soil : SoilTexture.values()) {
      TopsoilWater a =
          TopsoilWater.run(some, TestWeather.SITE, soil, false, 0.4, 0, Figures.shipped());
      TopsoilWater b =
          TopsoilWater.run(more, TestWeather.SITE, soil, false, 0.4, 0, Figures.shipped());
      for (LocalDate day = SEP; day.isBefore(MAY); day = day.plusDays(1)) {
        assertThat(b.shareOfCapacity(day)).isGreaterThanOrEqualTo(a.shareOfCapacity(day) - 1e-9);
      }
    }
  }

  @Test
  void aDeadMatKeepsGroundWetAndTileDriesIt() {
    WeatherTrace trace =
        TestWeather.trace(SEP, MAY, d -> 60, d -> d.getDayOfMonth() % 7 == 0 ? 0.8 : 0);
    LocalDate day = LocalDate.of(2026, 10, 10);
    double bare =
        TopsoilWater.run(
                trace, TestWeather.SITE, SoilTexture.SILT_LOAM, false, 0, 0, Figures.shipped())
            .shareOfCapacity(day);
    double mat =
        TopsoilWater.run(
                trace, TestWeather.SITE, SoilTexture.SILT_LOAM, false, 0, 8000, Figures.shipped())
            .shareOfCapacity(day);
    double tiled =
        TopsoilWater.run(
                trace, TestWeather.SITE, SoilTexture.SILT_LOAM, true, 0, 0, Figures.shipped())
            .shareOfCapacity(LocalDate.of(2026, 10, 8));
    double untiled =
        TopsoilWater.run(
                trace, TestWeather.SITE, SoilTexture.SILT_LOAM, false, 0, 0, Figures.shipped())
            .shareOfCapacity(LocalDate.of(2026, 10, 8));
    assertThat(mat).isGreaterThan(bare);
    assertThat(tiled).isLessThanOrEqualTo(untiled);
  }

  private static double spread(Outlook outlook, LocalDate day) {
    double[] highs = outlook.traces().stream().mapToDouble(t -> t.on(day).maxF()).toArray();
    double mean = java.util.Arrays.stream(highs).average().orElseThrow();
    return Math.sqrt(
        java.util.Arrays.stream(highs).map(h -> (h - mean) * (h - mean)).average().orElseThrow());
  }
}
