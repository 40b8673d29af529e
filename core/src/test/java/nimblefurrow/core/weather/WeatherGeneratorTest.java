package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblefurrow.core.quantity.HeatBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The made-up station must have the climate of 40.5°N, mid-continent; 200 years are asked. */
class WeatherGeneratorTest {
  private static final int FIRST = 1800;
  private static final int YEARS = 200;
  private static final WeatherRecord RECORD =
      new WeatherGenerator(40.5, 42)
          .generate(LocalDate.of(FIRST, 1, 1), LocalDate.of(FIRST + YEARS - 1, 12, 31));

  @ParameterizedTest
  @CsvSource({"MARCH,180,20", "APRIL,555,40", "MAY,1265,60", "JUNE,2250,90"})
  void heatToTheEndOfEachSpringMonth(Month month, double target, double tolerance) {
    double sum = 0;
    for (DailyWeather day : RECORD.days()) {
      if (day.date().getMonth().compareTo(month) <= 0) {
        sum += HeatBase.BASE_40.degreeDays(day.maxF(), day.minF());
      }
    }
    assertThat(sum / YEARS).isCloseTo(target, within(tolerance));
  }

  @Test
  void frostsComeWhenTheyShould() {
    List<Integer> first = new ArrayList<>();
    List<Integer> last = new ArrayList<>();
    List<Double> lowest = new ArrayList<>();
    for (int year = FIRST; year < FIRST + YEARS; year++) {
      int spring = 0;
      int fall = 366;
      double low = 99;
      for (DailyWeather day :
          RECORD.between(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)).days()) {
        int n = day.date().getDayOfYear();
        if (day.minF() <= 32) {
          spring = n < 190 ? Math.max(spring, n) : spring;
          fall = n > 190 ? Math.min(fall, n) : fall;
        }
        low = Math.min(low, day.minF());
      }
      first.add(fall);
      last.add(spring);
      lowest.add(low);
    }
    assertThat(middle(first))
        .as("median first 32 °F near 12 October")
        .isCloseTo(285.0, within(4.0));
    assertThat(middle(last)).as("median last 32 °F near 24 April").isCloseTo(114.0, within(4.0));
    assertThat(lowest.stream().sorted().toList().get(YEARS / 2))
        .as("lowest of the year")
        .isCloseTo(-9, within(2.0));
  }

  @Test
  void theSameSeedGivesTheSameWeather() {
    LocalDate a = LocalDate.of(2020, 1, 1);
    LocalDate b = LocalDate.of(2021, 6, 30);
    assertThat(new WeatherGenerator(40.5, 7).generate(a, b).days())
        .isEqualTo(new WeatherGenerator(40.5, 7).generate(a, b).days());
    assertThat(new WeatherGenerator(40.5, 8).generate(a, b).days())
        .isNotEqualTo(new WeatherGenerator(40.5, 7).generate(a, b).days());
  }

  @Test
  void wetDaysFollowWetDaysAndAreCooler() {
    List<DailyWeather> days = RECORD.days();
    int wet = 0;
    int wetAfterWet = 0;
    double wetHigh = 0;
    double dryHigh = 0;
    int dry = 0;
    for (int i = 1; i < days.size(); i++) {
      if (days.get(i).date().getMonth() != Month.MAY) {
        continue;
      }
      boolean rain = days.get(i).rainIn() > 0;
      if (days.get(i - 1).rainIn() > 0) {
        wetAfterWet += rain ? 1 : 0;
        wet++;
      }
      wetHigh += rain ? days.get(i).maxF() : 0;
      dryHigh += rain ? 0 : days.get(i).maxF();
      dry += rain ? 0 : 1;
    }
    assertThat((double) wetAfterWet / wet).isCloseTo(0.46, within(0.03));
    assertThat(dryHigh / dry).isGreaterThan(wetHigh / (YEARS * 31 - dry) + 3);
  }

  @Test
  void forecastsLoseTheirWayWithLead() {
    double near = 0;
    double far = 0;
    for (int i = 0; i < 300; i++) {
      LocalDate today = LocalDate.of(1900, 1, 1).plusDays(i * 17L);
      List<DailyWeather> said = WeatherGenerator.forecast(RECORD, today, 10, 9);
      near += Math.abs(said.get(0).maxF() - RECORD.on(today.plusDays(1)).maxF());
      far += Math.abs(said.get(9).maxF() - RECORD.on(today.plusDays(10)).maxF());
    }
    assertThat(far / 300).isGreaterThan(2 * near / 300);
  }

  private static double middle(List<Integer> values) {
    Collections.sort(values);
    return values.get(values.size() / 2);
  }
}
