package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.board.CrewVisit;
import nimblefurrow.core.board.Layout;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.Schedule;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.ScheduleTest;
import nimblefurrow.core.board.WhatIf;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;

/** What is said from the field, and what it does to the plan. */
class DoingTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 15);
  private static final FitDays FIT = new FitDays(TestWeather.outlook(TODAY));
  private static final Machine DRILL = drill("d");
  private static final Machine OTHER = drill("e");

  private static Machine drill(String id) {
    return Machine.of(id, "Drill " + id, MachineKind.DRILL, WorkRate.acresPerHour(6));
  }

  private static Report said(Job job, ReportKind kind, int day, Double acres) {
    return new Report(job.id(), kind, "Otis", TODAY.plusDays(day), "d", Optional.ofNullable(acres));
  }

  private static Job rest(Job job, Report... said) {
    return doing(said).get(job.id()).rest(job, Figures.shipped());
  }

  /** All of it is placed on the drill d. */
  private static Map<JobId, Doing> doing(Report... said) {
    return Doing.of(List.of(said), on(said));
  }

  private static Map<JobId, String> on(Report... said) {
    return Map.of(said[0].job(), "d");
  }

  @Test
  void theLastThatWasSaidCounts() {
    Job job = ScheduleTest.job("a", 60, 20);
    Report begun = said(job, ReportKind.STARTED, 0, null);
    Report stopped = said(job, ReportKind.STOPPED, 0, 22.0);
    assertThat(rest(job, begun).begunOn()).contains("d");
    assertThat(rest(job, begun).area().acres()).isEqualTo(60);
    assertThat(rest(job, begun, stopped).begunOn()).isEmpty();
    assertThat(rest(job, begun, stopped).area().acres()).isCloseTo(38, within(1e-9));
    Job again = rest(job, begun, stopped, said(job, ReportKind.STARTED, 1, null));
    assertThat(again.begunOn()).contains("d");
    assertThat(again.area().acres()).isCloseTo(38, within(1e-9));
    // A total that was put right later stands; all done still holds its turn.
    assertThat(rest(job, stopped, said(job, ReportKind.STOPPED, 1, 20.0)).area().acres())
        .isCloseTo(40, within(1e-9));
    assertThat(rest(job, said(job, ReportKind.STOPPED, 1, 61.0)).area().acres())
        .isCloseTo(0.1, within(1e-9));
  }

  @Test
  void anotherDayUndoesWhatWasAgreed() {
    Job job = ScheduleTest.job("a", 60, 20);
    Report yes = said(job, ReportKind.ACCEPTED, 4, null);
    Report no = said(job, ReportKind.PROPOSED, 6, null);
    Doing doing = doing(yes, no).get(job.id());
    assertThat(doing.agreed()).isEmpty();
    assertThat(doing.proposed()).contains(TODAY.plusDays(6));
    assertThat(doing(no, yes).get(job.id()).agreed()).contains(TODAY.plusDays(4));
    // Given to another machine meanwhile, it is for that one to say.
    Doing moved = Doing.of(List.of(no, yes), Map.of(job.id(), "e")).get(job.id());
    assertThat(moved.agreed()).isEmpty();
    assertThat(moved.proposed()).isEmpty();
    assertThatThrownBy(() -> said(job, ReportKind.STOPPED, 0, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("acres");
  }

  @Test
  void whatIsUnderWayGoesOnWhereItIsWhateverPlaceItHad() {
    Job first = ScheduleTest.job("a", 60, 20);
    Job waiting = ScheduleTest.job("b", 60, 20);
    Job under = rest(waiting, said(waiting, ReportKind.STARTED, 0, null));
    List<Pin> pins =
        List.of(
            new Pin(first.id(), "d", TODAY, false),
            new Pin(under.id(), "e", TODAY.plusDays(5), false));
    ScheduleProblem problem =
        ScheduleProblem.of(
            TODAY, List.of(first, under), List.of(DRILL, OTHER), List.of(), FIT, pins);
    Schedule laid = new Layout(problem).roughly(new Plan(problem.given()));
    assertThat(laid.of(under.id()).orElseThrow().machineId()).isEqualTo("d");
    assertThat(laid.of(under.id()).orElseThrow().start())
        .isBeforeOrEqualTo(laid.of(first.id()).orElseThrow().start());
    assertThatThrownBy(() -> WhatIf.of(problem, laid, under, OTHER, TODAY.plusDays(1), true))
        .hasMessageContaining("is under way");
    // Broken this morning, it lets go of what it has begun.
    ScheduleProblem broken =
        ScheduleProblem.of(
            TODAY,
            List.of(first, under),
            List.of(DRILL.with(m -> m.off(Set.of(TODAY))), OTHER),
            List.of(),
            FIT,
            pins);
    assertThat(broken.pin(under.id()).orElseThrow().machineId()).isEqualTo("e");
    assertThat(broken.campaign().byId().get(under.id()).begunOn()).isEmpty();
  }

  private static Machine crew(int notice, double least) {
    return DRILL.with(
        m -> m.hire(Optional.of(new Hire(Money.of(14), Area.ofAcres(least), notice))));
  }

  /** Three days of notice from this morning; none for a day on which the crew has said to come. */
  @Test
  void aCrewThatHasSaidToComeNeedsNoNoticeAnyMore() {
    Job job = ScheduleTest.job("a", 20, 20);
    List<Machine> asked = List.of(crew(3, 0));
    assertThat(start(job, asked)).isAfterOrEqualTo(TODAY.plusDays(3));
    List<Machine> called = called(asked, said(job, ReportKind.ACCEPTED, 0, null));
    assertThat(start(job, called)).isBefore(TODAY.plusDays(3));
    List<Machine> later = called(asked, said(job, ReportKind.ACCEPTED, 9, null));
    assertThat(start(job, later)).isEqualTo(start(job, asked));
  }

  private static List<Machine> called(List<Machine> machines, Report said) {
    return Doing.called(machines, doing(said), on(said));
  }

  private static LocalDate start(Job job, List<Machine> machines) {
    ScheduleProblem problem =
        ScheduleProblem.of(
            TODAY,
            List.of(job),
            machines,
            List.of(),
            FIT,
            List.of(new Pin(job.id(), "d", TODAY, false)));
    return new Layout(problem)
        .roughly(new Plan(problem.given()))
        .of(job.id())
        .orElseThrow()
        .start();
  }

  @Test
  void acresShortOfTheLeastNameWhatWouldFillThem() {
    Job placed = ScheduleTest.job("placed", 188, 60);
    Job small = ScheduleTest.job("small", 5, 60);
    Job right = ScheduleTest.job("Ridge Eighty", 14, 60);
    Job large = ScheduleTest.job("large", 150, 60);
    ScheduleProblem problem =
        ScheduleProblem.of(
            TODAY,
            List.of(placed, small, right, large),
            List.of(crew(3, 200)),
            List.of(),
            FIT,
            List.of(new Pin(placed.id(), "d", TODAY.plusDays(4), false)));
    Schedule laid = new Layout(problem).roughly(new Plan(problem.given()));
    CrewVisit visit = CrewVisit.of(problem, laid).get(0);
    assertThat(visit.acres().acres()).isCloseTo(188, within(1e-6));
    assertThat(visit.shortBy().acres()).isCloseTo(12, within(1e-6));
    assertThat(visit.callBy()).contains(visit.first().minusDays(3));
    assertThat(visit.toFill()).extracting(Job::field).startsWith("Ridge Eighty", "large");
    Report yes = said(placed, ReportKind.ACCEPTED, 4, null);
    ScheduleProblem agreed =
        ScheduleProblem.of(
            TODAY,
            List.of(placed),
            called(List.of(crew(3, 100)), yes),
            List.of(),
            FIT,
            problem.pins());
    CrewVisit then =
        CrewVisit.of(agreed, new Layout(agreed).roughly(new Plan(agreed.given()))).get(0);
    assertThat(then.callBy()).isEmpty();
    assertThat(then.shortBy().acres()).isZero();
    assertThat(then.toFill()).isEmpty();
  }
}
