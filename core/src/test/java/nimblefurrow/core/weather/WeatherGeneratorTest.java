package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The made-up station must have the climate of 40.5°N, mid-continent; 200 years are asked. */
class WeatherGeneratorTest {
  private static final int FIRST = 1800;
  private static final int YEARS = 200;
  private static final WeatherGenerator STATION = new WeatherGenerator(40.5, 42, Figures.shipped());
  private static final WeatherRecord RECORD =
      STATION.generate(LocalDate.of(FIRST, 1, 1), LocalDate.of(FIRST + YEARS - 1, 12, 31));

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
    assertThat(new WeatherGenerator(40.5, 7, Figures.shipped()).generate(a, b).days())
        .isEqualTo(new WeatherGenerator(40.5, 7, Figures.shipped()).generate(a, b).days());
    assertThat(new WeatherGenerator(40.5, 8, Figures.shipped()).generate(a, b).days())
        .isNotEqualTo(new WeatherGenerator(40.5, 7, Figures.shipped()).generate(a, b).days());
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

  /** Normals as published for these latitudes, month by month. */
  @ParameterizedTest
  @CsvSource({
    "37.0,max,43 48 58 68 76.5 85 89 88 81 70 57 46",
    "37.0,min,24 27.5 36 45 55 64 68 66 58 46 36 27.5",
    "37.0,rain,2.6 2.6 3.9 4.4 5.0 4.3 3.7 3.3 3.4 3.5 3.7 3.1",
    "40.5,max,34 39 52 63.5 74 84 87.5 85.5 79 66 51 38",
    "40.5,min,16 20 30 40.5 52 62 66.5 64 55 42 30 20.5",
    "40.5,rain,1.4 1.5 2.3 3.4 4.5 4.3 3.7 3.5 3.2 2.8 2.3 1.8",
    "42.25,max,28.25 33.25 46 59.5 71.25 81.5 85.25 83 76.25 62.5 46.75 33",
    "44.0,max,22.5 27.5 40 55.5 68.5 79 83 80.5 73.5 59 42.5 28",
    "44.0,min,4.5 8.5 22 34 46.5 57.5 61.5 59 50 37.5 24.5 11",
    "44.0,rain,.9 .9 1.8 3.0 4.0 4.9 4.3 4.0 3.4 2.5 1.7 1.2"
  })
  void monthsAreAsTheyAreWrittenOfThisLatitude(double latitude, String what, String months) {
    WeatherRecord record =
        latitude == 40.5
            ? RECORD
            : new WeatherGenerator(latitude, 42, Figures.shipped())
                .generate(LocalDate.of(FIRST, 1, 1), LocalDate.of(FIRST + YEARS - 1, 12, 31));
    double[] sums = new double[12];
    int[] days = new int[12];
    for (DailyWeather day : record.days()) {
      int month = day.date().getMonthValue() - 1;
      days[month]++;
      sums[month] +=
          what.equals("max") ? day.maxF() : what.equals("min") ? day.minF() : day.rainIn();
    }
    String[] wanted = months.split(" ");
    assertThat(wanted).hasSize(12);
    for (int m = 0; m < 12; m++) {
      double normal = Double.parseDouble(wanted[m]);
      double is = what.equals("rain") ? sums[m] / YEARS : sums[m] / days[m];
      assertThat(is)
          .as("%s of month %d at %.1f°N", what, m + 1, latitude)
          .isCloseTo(normal, within(what.equals("rain") ? 0.12 * normal : 1.5));
    }
  }

  @ParameterizedTest
  @CsvSource({"1,12.3,.27", "5,7.4,.36", "7,4.8,.29", "10,8.6,.27"})
  void daysStrayAndAreWetAsTheyShouldBe(int month, double spreadF, double wetShare) {
    List<DailyWeather> days =
        RECORD.days().stream().filter(d -> d.date().getMonthValue() == month).toList();
    Normals normals = Normals.at(40.5, Figures.shipped());
    double squares = 0;
    double pairs = 0;
    int wet = 0;
    for (int i = 1; i < days.size(); i++) {
      double off = stray(normals, days.get(i));
      squares += off * off;
      boolean next = days.get(i - 1).date().plusDays(1).equals(days.get(i).date());
      pairs += next ? off * stray(normals, days.get(i - 1)) : 0;
      wet += days.get(i).rainIn() > 0 ? 1 : 0;
    }
    assertThat(Math.sqrt(squares / days.size())).isCloseTo(spreadF, within(0.05 * spreadF + 0.2));
    assertThat(pairs / squares).as("lag one").isCloseTo(0.70, within(0.06));
    assertThat((double) wet / days.size()).isCloseTo(wetShare, within(0.03));
  }

  private static double stray(Normals normals, DailyWeather day) {
    return day.meanF() - (normals.maxF(day.date()) + normals.minF(day.date())) / 2;
  }

  @Test
  void sunKeepsWithinItsShareOfTheSkyAbove() {
    int seen = 0;
    for (DailyWeather day :
        RECORD.between(LocalDate.of(1850, 1, 1), LocalDate.of(1853, 12, 31)).days()) {
      double share = day.sunMj() / Sunlight.aboveAtmosphereMj(day.date(), 40.5);
      if (day.rainIn() > 0) {
        assertThat(share).isBetween(0.21, 0.49);
      } else {
        assertThat(share).isBetween(0.49, 0.73);
      }
      seen++;
    }
    assertThat(seen).isEqualTo(1461);
  }

  @ParameterizedTest
  @CsvSource({"1,2.5", "5,4.28", "10,6.5"})
  void forecastsOfTheNightLoseTheirWayWithLead(int lead, double errorF) {
    double squares = 0;
    double sum = 0;
    int asked = 0;
    for (int i = 0; i < 3000; i++) {
      LocalDate today = LocalDate.of(1820, 1, 1).plusDays(i * 17L);
      if (today.getMonthValue() >= 9 || today.getMonthValue() <= 4) {
        double off =
            STATION.forecast(RECORD, today, 10, 9).get(lead - 1).minF()
                - RECORD.on(today.plusDays(lead)).minF();
        squares += off * off;
        sum += off;
        asked++;
      }
    }
    assertThat(asked).isGreaterThan(1500);
    assertThat(Math.sqrt(squares / asked)).isCloseTo(errorF, within(0.35));
    assertThat(sum / asked).as("no bias").isCloseTo(0, within(0.5));
  }

  /** What members say of a night nine days off must come as often as they say. */
  @Test
  void chancesOfAColdNightHold() {
    double said = 0;
    int came = 0;
    int asked = 0;
    for (int year = 1840; year < 1960; year++) {
      LocalDate today = LocalDate.of(year, 10, 6);
      List<DailyWeather> forecast = STATION.forecast(RECORD, today, 9, 5);
      Outlook outlook =
          Outlook.of(
              Figures.shipped(),
              new Site(40.5, -97),
              RECORD.between(LocalDate.of(1800, 1, 1), LocalDate.of(1827, 12, 31)),
              RECORD.between(LocalDate.of(year, 1, 1), today),
              forecast,
              today,
              LocalDate.of(year, 1, 1),
              LocalDate.of(year, 12, 31));
      LocalDate night = today.plusDays(9);
      said +=
          outlook.traces().stream().filter(t -> t.on(night).minF() <= 32).count()
              / (double) outlook.traces().size();
      came += RECORD.on(night).minF() <= 32 ? 1 : 0;
      asked++;
    }
    assertThat(asked).isEqualTo(120);
    assertThat(said / asked).isCloseTo((double) came / asked, within(0.06));
  }

  @Test
  void aHardFreezeInEarlySeptemberIsNotCriedInVain() {
    double most = 0;
    int asked = 0;
    for (int year = 1840; year < 1900; year++) {
      LocalDate today = LocalDate.of(year, 9, 2);
      Outlook outlook =
          Outlook.of(
              Figures.shipped(),
              new Site(40, -97),
              RECORD.between(LocalDate.of(1800, 1, 1), LocalDate.of(1827, 12, 31)),
              RECORD.between(LocalDate.of(year, 1, 1), today),
              STATION.forecast(RECORD, today, 9, 5),
              today,
              LocalDate.of(year, 1, 1),
              LocalDate.of(year, 12, 31));
      long cold =
          outlook.traces().stream().filter(t -> t.on(today.plusDays(9)).minF() <= 26).count();
      most = Math.max(most, (double) cold / outlook.traces().size());
      asked++;
    }
    assertThat(asked).isEqualTo(60);
    assertThat(most).isLessThan(0.04);
  }

  private static double middle(List<Integer> values) {
    Collections.sort(values);
    return values.get(values.size() / 2);
  }
}
