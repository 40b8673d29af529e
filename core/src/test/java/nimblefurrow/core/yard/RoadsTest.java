package nimblefurrow.core.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.board.Layout;
import nimblefurrow.core.board.Schedule;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.ScheduleTest;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.Site;
import org.junit.jupiter.api.Test;

class RoadsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 15);
  private static final FitDays FIT = new FitDays(TestWeather.outlook(TODAY));
  private static final Site HOME = new Site(40, -97);

  /** A degree of latitude is 69.1 miles; one of longitude at 40° is 52.9. */
  @Test
  void milesAreThoseOfAGlobe() {
    assertThat(HOME.milesTo(new Site(41, -97))).isCloseTo(69.1, within(0.1));
    assertThat(HOME.milesTo(new Site(40, -96))).isCloseTo(52.9, within(0.1));
    assertThat(HOME.milesTo(HOME)).isZero();
  }

  /** Seven miles, a third longer by road, at 14 miles an hour: 39 minutes, there and back alike. */
  @Test
  void roadsTakeTheirTime() {
    Site creek = new Site(40 + 7 / 69.1, -97);
    Roads roads = Roads.of(Map.of("Home", HOME, "Creek", creek), Figures.shipped());
    assertThat(roads.between("Home", "Creek").toSeconds() / 60.0).isCloseTo(39, within(0.2));
    assertThat(roads.between("Creek", "Home")).isEqualTo(roads.between("Home", "Creek"));
    assertThat(roads.between("Home", "Home")).isEqualTo(Duration.ZERO);
    assertThat(roads.between("Home", "Elsewhere")).isEqualTo(Duration.ZERO);
  }

  @Test
  void theRoadTakesHoursOfTheDayAndIsTold() {
    Job near = ScheduleTest.job("a", 12, 40).with(j -> j.place("Home"));
    Job far = ScheduleTest.job("b", 12, 40).with(j -> j.place("Creek"));
    Roads roads = Roads.of(Map.of("Home", HOME, "Creek", new Site(40.2, -97)), Figures.shipped());
    Schedule without = laid(List.of(near, far), Roads.none());
    Schedule with = laid(List.of(near, far), roads);
    double hour = roads.between("Home", "Creek").toMinutes() / 60.0;
    assertThat(hour).isGreaterThan(1);
    assertThat(road(without)).isZero();
    assertThat(road(with)).isCloseTo(hour, within(0.05));
    assertThat(with.of(far.id()).orElseThrow().finish())
        .isAfterOrEqualTo(without.of(far.id()).orElseThrow().finish());
  }

  private static double road(Schedule laid) {
    return laid.placed().stream().flatMap(p -> p.days().stream()).mapToDouble(DayWork::road).sum();
  }

  private static Schedule laid(List<Job> jobs, Roads roads) {
    Machine drill =
        Machine.of("d", "Drill", MachineKind.DRILL, WorkRate.acresPerHour(6))
            .with(m -> m.place("Home"));
    ScheduleProblem problem =
        ScheduleProblem.of(TODAY, jobs, List.of(drill), List.of(), roads, FIT, List.of());
    return new Layout(problem).of(new Plan(jobs.stream().map(j -> Turn.on(j.id(), "d")).toList()));
  }
}
