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
      new Machine("d", "15 ft drill", MachineKind.DRILL, WorkRate.acresPerHour(6));

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
        new Job(
            id("b"),
            "b",
            MachineKind.DRILL,
            Area.ofAcres(60),
            SoilTexture.SILT_LOAM,
            false,
            true,
            bare.window());
    assertThat(FIT.chance(covered, april)).isGreaterThan(FIT.chance(bare, april));
  }

  @Test
  void acresInAreAcresOutOverTheDaysOfAJob() {
    List<DayWork> days =
        new MachineDays(FIT)
            .tryFrom(job("a", 150, 30), DRILL, TODAY, TODAY.plusDays(30))
            .orElseThrow();
    assertThat(days.stream().mapToDouble(DayWork::acres).sum()).isCloseTo(150, within(1e-6));
    assertThat(days).allSatisfy(d -> assertThat(d.hours()).isLessThanOrEqualTo(9 + 1e-9));
    assertThat(days.size()).isGreaterThan(2);
  }

  @Test
  void aTakenDayIsNotGivenTwice() {
    MachineDays machineDays = new MachineDays(FIT);
    Job first = job("a", 150, 30);
    List<DayWork> days = machineDays.tryFrom(first, DRILL, TODAY, TODAY.plusDays(30)).orElseThrow();
    machineDays.take(first, DRILL, days);
    assertThat(machineDays.taken("d", days.get(0).date())).isCloseTo(1, within(1e-9));
    assertThat(machineDays.tryFrom(job("b", 60, 30), DRILL, days.get(0).date(), TODAY.plusDays(30)))
        .isEmpty();
    assertThat(
            machineDays
                .whyNot(job("b", 60, 30), DRILL, days.get(0).date(), TODAY)
                .in(UnitSystem.US))
        .contains("taken");
  }

  @Test
  void aJobThatDoesNotEndInItsWindowIsNotPlaced() {
    assertThat(new MachineDays(FIT).tryFrom(job("a", 900, 5), DRILL, TODAY, TODAY.plusDays(5)))
        .isEmpty();
  }

  @Test
  void theConsequenceOfADropIsToldBeforehand() {
    Job job = job("a", 60, 10);
    ScheduleProblem problem =
        new ScheduleProblem(TODAY, List.of(job), List.of(DRILL), FIT, List.of());
    WhatIf late =
        WhatIf.of(problem, new Schedule(List.of(), List.of()), job, DRILL, TODAY.plusDays(14));
    assertThat(late.late()).isTrue();
    assertThat(String.join(" ", late.says().stream().map(r -> r.in(UnitSystem.US)).toList()))
        .contains("after the window closes on 25 Sep");
    assertThat(
            WhatIf.of(problem, new Schedule(List.of(), List.of()), job, DRILL, TODAY.plusDays(2))
                .late())
        .isFalse();
    assertThatThrownBy(
            () ->
                WhatIf.of(
                    problem, new Schedule(List.of(), List.of()), job, DRILL, TODAY.minusDays(1)))
        .isInstanceOf(OutOfRange.class);
    Machine roller = new Machine("r", "Roller", MachineKind.ROLLER, WorkRate.acresPerHour(8));
    assertThatThrownBy(
            () -> WhatIf.of(problem, new Schedule(List.of(), List.of()), job, roller, TODAY))
        .hasMessageContaining("Roller cannot drill");
  }

  static Job job(String id, double acres, int days) {
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(TODAY),
            DateForecast.certain(TODAY.plusDays(days)),
            Figures.shipped());
    return new Job(
        id(id),
        id,
        MachineKind.DRILL,
        Area.ofAcres(acres),
        SoilTexture.SILT_LOAM,
        false,
        false,
        window);
  }

  private static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }
}
