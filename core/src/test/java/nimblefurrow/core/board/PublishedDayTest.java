package nimblefurrow.core.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told of a day that was published and has changed since. */
class PublishedDayTest {
  private static final LocalDate FRIDAY = LocalDate.of(2026, 10, 2);
  private static final JobId FERRY = new JobId(UUID.randomUUID(), Operation.SEED);
  private static final JobId HALF = new JobId(UUID.randomUUID(), Operation.SEED);
  private static final JobId MILL = new JobId(UUID.randomUUID(), Operation.SEED);

  private static PublishedDay.Line line(JobId job, String field, String machine, double acres) {
    return new PublishedDay.Line(job, field, machine, "15 ft " + machine, acres);
  }

  private static List<String> news(PublishedDay.Line told, PublishedDay.Line now) {
    return new PublishedDay(FRIDAY, List.of(told))
        .since(new PublishedDay(FRIDAY, List.of(now)), Figures.shipped()).stream()
            .map(c -> c.field() + ": " + c.says().in(UnitSystem.US))
            .toList();
  }

  @Test
  void aDayThatStandsAsItWasToldHasNoNews() {
    PublishedDay.Line line = line(FERRY, "Ferry Road", "drill", 40);
    assertThat(news(line, line)).isEmpty();
  }

  @Test
  void whatIsGoneIsToldBeforeWhatIsNew() {
    assertThat(news(line(FERRY, "Ferry Road", "drill", 40), line(HALF, "Long Half", "drill", 30)))
        .containsExactly(
            "Ferry Road: not on this day any more", "Long Half: new, with the 15 ft drill");
  }

  @Test
  void anotherMachineIsToldWhateverTheLand() {
    assertThat(news(line(FERRY, "Ferry Road", "drill", 40), line(FERRY, "Ferry Road", "seeder", 9)))
        .containsExactly("Ferry Road: with the 15 ft seeder, not the 15 ft drill");
  }

  /** Fifteen percent of forty acres are six. */
  @ParameterizedTest
  @CsvSource({"34.1,false", "33.9,true", "45.9,false", "46.1,true"})
  void muchMoreOrLessLandIsTold(double acres, boolean told) {
    List<String> news =
        news(line(FERRY, "Ferry Road", "drill", 40), line(FERRY, "Ferry Road", "drill", acres));
    assertThat(news).hasSize(told ? 1 : 0).allMatch(says -> says.endsWith(", not 40.0 ac"));
  }

  private static Placement placement(JobId job, LocalDate... days) {
    return new Placement(
        job,
        "drill",
        List.of(days).stream().map(day -> new DayWork(day, 5, 20, 0, 0, Optional.empty())).toList(),
        false,
        false,
        1,
        Reason.of("first"));
  }

  @Test
  void theDayIsTakenFromTheBoardAndItsJobsKeepTheDayOnWhichTheyBegin() {
    Schedule placed =
        new Schedule(
            List.of(
                placement(FERRY, FRIDAY.minusDays(1), FRIDAY),
                placement(HALF, FRIDAY),
                placement(MILL, FRIDAY.plusDays(1))),
            List.of());
    PublishedDay day =
        PublishedDay.of(placed, FRIDAY, job -> "Field", machine -> "15 ft " + machine);
    assertThat(day.lines()).extracting(PublishedDay.Line::job).containsExactly(FERRY, HALF);
    assertThat(day.lines()).allMatch(l -> l.acres() == 20 && l.machineName().equals("15 ft drill"));
    assertThat(day.kept(placed))
        .containsExactly(
            new Pin(FERRY, "drill", FRIDAY.minusDays(1), true),
            new Pin(HALF, "drill", FRIDAY, true));
  }
}
