package nimblefurrow.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When on a day somebody is to be in the field, by a calendar. */
class WorkHoursTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 10, 1);
  private static final Figures FIGURES = Figures.shipped();

  private static DayWork work(int ahead, double from, double hours) {
    return new DayWork(TODAY.plusDays(ahead), hours, 10, 0, from, Optional.empty());
  }

  @ParameterizedTest
  @CsvSource({
    "0,4.5,9,9,08:00,12:30",
    "0.5,2,9,9,12:30,14:30",
    "0.111,3.1,9,9,09:00,12:00",
    "0.9,0.05,8,8,15:15,15:30",
    "0,2.7,9,5.4,08:00,12:30",
    "0.5,2.7,9,5.4,12:30,17:00",
    "0,2,9,0,08:00,10:00",
  })
  void byHand(double from, double hours, double day, double counted, String begins, String ends) {
    WorkHours told = WorkHours.of(work(3, from, hours), day, counted, TODAY, FIGURES).orElseThrow();
    assertThat(told.begins()).isEqualTo(LocalDateTime.parse("2026-10-04T" + begins));
    assertThat(told.ends()).isEqualTo(LocalDateTime.parse("2026-10-04T" + ends));
  }

  @Test
  void twoWeeksAreToldByHours() {
    assertThat(WorkHours.of(work(13, 0, 4), 9, 9, TODAY, FIGURES)).isPresent();
    assertThat(WorkHours.of(work(14, 0, 4), 9, 9, TODAY, FIGURES)).isEmpty();
    assertThatThrownBy(() -> WorkHours.of(work(1, 0, 4), 0, 0, TODAY, FIGURES))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("working day");
  }
}
