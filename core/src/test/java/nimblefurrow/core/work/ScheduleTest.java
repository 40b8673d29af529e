package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

class ScheduleTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 15);
  private static final FitDays FIT = new FitDays(TestWeather.outlook(TODAY));
  private static final Machine DRILL =
      Machine.of("d", "15 ft drill", MachineKind.DRILL, WorkRate.acresPerHour(6));

  @Test
  void fallStubbleIsFitMoreOftenThanWinterGround() {
    Job job = job("a", 60, 20);
    assertThat(FIT.chance(job, LocalDate.of(2026, 9, 28))).isBetween(0.5, 1.0);
    assertThat(FIT.chance(job, LocalDate.of(2027, 1, 20))).isLessThan(0.4);
  }

  @Test
  void aLivingCoverCarriesTrafficSooner() {
    LocalDate april = LocalDate.of(2027, 4, 20);
    Job bare = job("a", 60, 20);
    Job covered =
        bare.with(j -> j.grounds(List.of(new Footing(SoilTexture.SILT_LOAM, false, true))));
    assertThat(FIT.chance(covered, april)).isGreaterThan(FIT.chance(bare, april));
  }

  @Test
  void acresInAreAcresOutOverTheDaysOfAJob() {
    Schedule laid = laid(List.of(job("a", 150, 30)), List.of());
    List<DayWork> days = laid.of(id("a")).orElseThrow().days();
    assertThat(days.stream().mapToDouble(DayWork::acres).sum()).isCloseTo(150, within(1e-6));
    assertThat(days).allSatisfy(d -> assertThat(d.hours()).isLessThanOrEqualTo(9 + 1e-9));
    assertThat(days.size()).isGreaterThan(2);
  }

  @Test
  void aTakenDayIsNotGivenTwice() {
    Schedule laid = laid(List.of(job("a", 150, 30), job("b", 60, 30)), List.of());
    Placement first = laid.of(id("a")).orElseThrow();
    Placement second = laid.of(id("b")).orElseThrow();
    assertThat(second.start()).isAfterOrEqualTo(first.finish());
    assertThat(second.why().in(UnitSystem.US)).contains("15 ft drill is at a the day before");
  }

  @Test
  void aJobThatDoesNotEndInItsWindowIsNotPlacedAndCostsOthersNothing() {
    Schedule laid = laid(List.of(job("a", 900, 5), job("b", 40, 5)), List.of());
    assertThat(laid.of(id("a"))).isEmpty();
    assertThat(laid.of(id("b"))).isPresent();
    assertThat(laid.unplaced().get(0).why().in(UnitSystem.US)).contains("do not hold it");
  }

  @Test
  void aGivenDayIsKeptAndWhatWasThereMovesOn() {
    Pin pin = new Pin(id("b"), "d", TODAY.plusDays(2), false);
    ScheduleProblem problem = problem(List.of(job("a", 150, 30), job("b", 60, 30)), List.of(pin));
    List<Turn> turns = new java.util.ArrayList<>(problem.given());
    turns.add(Turn.on(id("a"), "d"));
    Schedule laid = new Layout(problem).of(new Plan(turns));
    assertThat(laid.of(id("b")).orElseThrow().start()).isEqualTo(TODAY.plusDays(2));
    assertThat(laid.of(id("a")).orElseThrow().start()).isEqualTo(TODAY);
    assertThat(laid.of(id("a")).orElseThrow().finish())
        .isAfter(laid.of(id("b")).orElseThrow().finish());
  }

  private static ScheduleProblem problem(List<Job> jobs, List<Pin> pins) {
    return ScheduleProblem.of(TODAY, jobs, List.of(DRILL), List.of(), FIT, pins);
  }

  private static Schedule laid(List<Job> jobs, List<Pin> pins) {
    List<Turn> turns = jobs.stream().map(j -> Turn.on(j.id(), "d")).toList();
    return new Layout(problem(jobs, pins)).of(new Plan(turns));
  }

  @Test
  void theConsequenceOfADropIsToldBeforehand() {
    Job job = job("a", 60, 10);
    ScheduleProblem problem = problem(List.of(job), List.of());
    WhatIf late =
        WhatIf.of(
            problem, new Schedule(List.of(), List.of()), job, DRILL, TODAY.plusDays(14), true);
    assertThat(late.late()).isTrue();
    assertThat(String.join(" ", late.says().stream().map(r -> r.in(UnitSystem.US)).toList()))
        .contains("after the window closes on 25 Sep");
    assertThat(
            WhatIf.of(
                    problem,
                    new Schedule(List.of(), List.of()),
                    job,
                    DRILL,
                    TODAY.plusDays(2),
                    true)
                .late())
        .isFalse();
    assertThatThrownBy(
            () ->
                WhatIf.of(
                    problem,
                    new Schedule(List.of(), List.of()),
                    job,
                    DRILL,
                    TODAY.minusDays(1),
                    true))
        .isInstanceOf(OutOfRange.class);
    Machine roller = Machine.of("r", "Roller", MachineKind.ROLLER, WorkRate.acresPerHour(8));
    assertThatThrownBy(
            () -> WhatIf.of(problem, new Schedule(List.of(), List.of()), job, roller, TODAY, true))
        .hasMessageContaining("Roller cannot drill");
  }

  static Job job(String id, double acres, int days) {
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(TODAY),
            DateForecast.certain(TODAY.plusDays(days)),
            Figures.shipped());
    return Job.of(
        id(id),
        id,
        MachineKind.DRILL,
        Area.ofAcres(acres),
        List.of(Footing.bare(SoilTexture.SILT_LOAM)),
        window);
  }

  private static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }
}
