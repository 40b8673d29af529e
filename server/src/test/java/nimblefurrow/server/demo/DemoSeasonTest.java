package nimblefurrow.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.stream.IntStream;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import org.junit.jupiter.api.Test;

/** The season in which newcomers learn the farm is one as most are. */
class DemoSeasonTest {
  private static final int FIRST_YEAR = 1998;
  private static final int YEARS = 28;
  private final WeatherRecord station =
      new WeatherGenerator(40.0, DemoFarm.STATION, Figures.shipped())
          .generate(LocalDate.of(FIRST_YEAR, 1, 1), LocalDate.of(2028, 12, 31));

  @Test
  void noMonthOfItStraysFarFromItsUsualMean() {
    int asked = 0;
    for (YearMonth m = YearMonth.of(2026, 4);
        m.isBefore(YearMonth.of(2027, 7));
        m = m.plusMonths(1)) {
      int month = m.getMonthValue();
      double usual =
          IntStream.range(FIRST_YEAR, FIRST_YEAR + YEARS)
              .mapToDouble(year -> mean(YearMonth.of(year, month)))
              .average()
              .orElseThrow();
      assertThat(mean(m)).as(m.toString()).isCloseTo(usual, within(6.0));
      asked++;
    }
    assertThat(asked).isEqualTo(15);
  }

  @Test
  void itsFirstFrostComesWithinTwoWeeksOfTheUsual() {
    int[] frosts =
        IntStream.range(FIRST_YEAR, FIRST_YEAR + YEARS).map(this::firstFrost).sorted().toArray();
    assertThat(firstFrost(2026)).isCloseTo(frosts[YEARS / 2], within(14));
  }

  private double mean(YearMonth month) {
    return IntStream.rangeClosed(1, month.lengthOfMonth())
        .mapToObj(day -> station.on(month.atDay(day)))
        .mapToDouble(day -> (day.maxF() + day.minF()) / 2)
        .average()
        .orElseThrow();
  }

  /** The day of the year, from August on. */
  private int firstFrost(int year) {
    return LocalDate.of(year, 8, 1)
        .datesUntil(LocalDate.of(year, 12, 31))
        .filter(day -> station.on(day).minF() <= 32)
        .findFirst()
        .orElseThrow()
        .getDayOfYear();
  }
}
