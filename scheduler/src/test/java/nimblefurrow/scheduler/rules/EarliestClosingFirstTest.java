package nimblefurrow.scheduler.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.board.Layout;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.board.Schedule;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.WhatIf;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;

class EarliestClosingFirstTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 15);
  private static final Outlook OUTLOOK =
      Outlook.of(
          Figures.shipped(),
          new Site(40.5, -97),
          new WeatherGenerator(40.5, 11, Figures.shipped())
              .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31)),
          null,
          List.of(),
          TODAY,
          LocalDate.of(2026, 1, 1),
          LocalDate.of(2027, 12, 31));
  private static final FitDays FIT = new FitDays(OUTLOOK);
  private static final List<Machine> TWO_DRILLS =
      List.of(
          Machine.of("big", "30 ft drill", MachineKind.DRILL, WorkRate.acresPerHour(12)),
          Machine.of("small", "15 ft drill", MachineKind.DRILL, WorkRate.acresPerHour(6)));

  @Test
  void whatClosesFirstGoesFirst() {
    Schedule schedule =
        plan(
            List.of(job("late", 100, 0, 40), job("soon", 100, 0, 12)),
            List.of(TWO_DRILLS.get(0)),
            List.of());
    assertThat(schedule.of(id("soon")).orElseThrow().finish())
        .isBeforeOrEqualTo(schedule.of(id("late")).orElseThrow().start());
  }

  /** Ids are given by chance: a plan must not hang on them. */
  @Test
  void ofTwoThatCloseOnOneDayTheSmallerGoesFirstWhateverItIsCalled() {
    for (String small : List.of("a", "z")) {
      Schedule schedule =
          plan(
              List.of(job("m", 90, 0, 20), job(small, 40, 0, 20)),
              List.of(TWO_DRILLS.get(1)),
              List.of());
      assertThat(schedule.of(id(small)).orElseThrow().finish())
          .isBefore(schedule.of(id("m")).orElseThrow().finish());
    }
  }

  @Test
  void nothingStartsOutsideItsWindowOrBeforeToday() {
    List<Job> jobs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      jobs.add(job("f" + i, 40 + 10 * i, i - 5, 20 + i));
    }
    Schedule schedule = plan(jobs, TWO_DRILLS, List.of());
    assertThat(schedule.placed().size() + schedule.unplaced().size()).isEqualTo(12);
    for (Placement placement : schedule.placed()) {
      Job job =
          jobs.stream().filter(j -> j.id().equals(placement.jobId())).findFirst().orElseThrow();
      assertThat(placement.start())
          .isAfterOrEqualTo(TODAY)
          .isAfterOrEqualTo(job.window().opens().median().orElseThrow());
      assertThat(placement.finish()).isBeforeOrEqualTo(job.window().end());
      assertThat(placement.late()).isFalse();
      assertThat(placement.days().stream().mapToDouble(DayWork::acres).sum())
          .isBetween(job.area().acres() - 1e-6, job.area().acres() + 1e-6);
    }
  }

  @Test
  void noMachineDoesTwoThingsAtOnce() {
    List<Job> jobs = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      jobs.add(job("f" + i, 60, 0, 30));
    }
    Map<String, Double> share = new HashMap<>();
    for (Placement p : plan(jobs, TWO_DRILLS, List.of()).placed()) {
      for (DayWork day : p.days()) {
        share.merge(
            p.machineId() + day.date(),
            day.hours()
                / new JobDays(FIT).expected().fitHours(jobs.get(0), MachineKind.DRILL, day.date()),
            Double::sum);
      }
    }
    assertThat(share.values()).allSatisfy(s -> assertThat(s).isLessThanOrEqualTo(1 + 1e-6));
  }

  @Test
  void whatFindsNoPlaceSaysWhy() {
    Schedule schedule =
        plan(
            List.of(
                job("huge", 2000, 0, 4),
                Job.of(
                    id("air"),
                    "air",
                    MachineKind.AIRPLANE,
                    Area.ofAcres(50),
                    List.of(Footing.bare(SoilTexture.LOAM)),
                    window(0, 10))),
            TWO_DRILLS,
            List.of());
    assertThat(schedule.placed()).isEmpty();
    assertThat(schedule.unplaced())
        .anySatisfy(u -> assertThat(u.why().in(UnitSystem.US)).contains("fit hours left"));
    assertThat(schedule.unplaced())
        .anySatisfy(
            u -> assertThat(u.why().in(UnitSystem.US)).contains("no machine on the farm can fly"));
  }

  @Test
  void pinnedJobsStayAndTheRestGoesAround() {
    Pin pin = new Pin(id("late"), "big", TODAY.plusDays(1), true);
    Schedule schedule =
        plan(
            List.of(job("late", 90, 0, 40), job("soon", 90, 0, 15)),
            List.of(TWO_DRILLS.get(0)),
            List.of(pin));
    assertThat(schedule.of(id("late")).orElseThrow().start()).isEqualTo(TODAY.plusDays(1));
    assertThat(schedule.of(id("late")).orElseThrow().locked()).isTrue();
    assertThat(schedule.of(id("soon")).orElseThrow().start()).isNotEqualTo(TODAY.plusDays(1));
  }

  @Test
  void moreTimeNeverPlacesFewerAcres() {
    double before = 0;
    for (int days = 3; days <= 30; days += 3) {
      List<Job> jobs = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        jobs.add(job("f" + i, 70, 0, days));
      }
      double placed = plan(jobs, TWO_DRILLS, List.of()).placed().size() * 70.0;
      assertThat(placed).isGreaterThanOrEqualTo(before);
      before = placed;
    }
  }

  @Test
  void everyPlaceCanSayWhyNotADayEarlier() {
    Schedule schedule =
        plan(List.of(job("a", 80, 6, 30), job("b", 80, 0, 20)), TWO_DRILLS, List.of());
    assertThat(schedule.of(id("a")).orElseThrow().why().in(UnitSystem.US)).isNotBlank();
    assertThat(schedule.of(id("b")).orElseThrow().why().in(UnitSystem.US))
        .contains("first day left");
  }

  @Test
  void whatWaitsComesAfterWithItsDaysBetween() {
    Job first = job("k:disc1", 20, 0, 30);
    Job second = waiting("k:seed", "k:disc1", 5, 10);
    Schedule schedule = plan(List.of(second, first), TWO_DRILLS, List.of());
    LocalDate before = schedule.of(id("k:disc1")).orElseThrow().finish();
    assertThat(schedule.of(id("k:seed")).orElseThrow().start())
        .isBetween(before.plusDays(5), before.plusDays(10));
    assertThat(schedule.of(id("k:seed")).orElseThrow().why().in(UnitSystem.US))
        .contains("waits for");
    assertThatThrownBy(
            () ->
                WhatIf.of(
                    problem(List.of(first, second), TWO_DRILLS, List.of()),
                    schedule,
                    second,
                    TWO_DRILLS.get(0),
                    before.plusDays(1),
                    true))
        .hasMessageContaining("comes first, with its wait");
  }

  @Test
  void whatWaitsForSomethingWithoutAPlaceHasNone() {
    Schedule schedule =
        plan(
            List.of(job("k:disc1", 3000, 0, 3), waiting("k:seed", "k:disc1", 5, 10)),
            TWO_DRILLS,
            List.of());
    assertThat(schedule.unplaced())
        .anySatisfy(u -> assertThat(u.why().in(UnitSystem.US)).contains("has no place yet"));
  }

  @Test
  void aRentedMachineGoesOnlyOnItsBookedDays() {
    Set<LocalDate> booked = Set.of(TODAY.plusDays(8), TODAY.plusDays(9), TODAY.plusDays(10));
    Machine rented =
        Machine.of("rented", "rented drill", MachineKind.DRILL, WorkRate.acresPerHour(12))
            .withBooked(booked);
    Placement placed =
        plan(List.of(job("a", 40, 0, 30)), List.of(rented), List.of()).of(id("a")).orElseThrow();
    assertThat(placed.days()).extracting(DayWork::date).isSubsetOf(booked);
    assertThat(plan(List.of(job("a", 40, 12, 30)), List.of(rented), List.of()).unplaced())
        .singleElement()
        .satisfies(
            u -> assertThat(u.why().in(UnitSystem.US)).contains("no machine for it can be had"));
  }

  @Test
  void nobodyDrivesTwoMachinesAtOnce() {
    List<Machine> oneDriver = TWO_DRILLS.stream().map(m -> m.withDrivers(List.of("Otis"))).toList();
    List<Job> jobs = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      jobs.add(job("f" + i, 60, 0, 40));
    }
    Map<LocalDate, Double> share = new HashMap<>();
    for (Placement p : plan(jobs, oneDriver, List.of()).placed()) {
      for (DayWork day : p.days()) {
        assertThat(day.driver()).contains("Otis");
        share.merge(
            day.date(),
            day.hours()
                / new JobDays(FIT).expected().fitHours(jobs.get(0), MachineKind.DRILL, day.date()),
            Double::sum);
      }
    }
    assertThat(share).isNotEmpty();
    assertThat(share.values()).allSatisfy(s -> assertThat(s).isLessThanOrEqualTo(1 + 1e-6));
  }

  private static Job waiting(String id, String before, int least, int most) {
    After after = new After(id(before), "the pass before", least, most, Optional.empty());
    return job(id, 20, 0, 30).with(j -> j.after(List.of(after)));
  }

  private static Schedule plan(List<Job> jobs, List<Machine> machines, List<Pin> pins) {
    ScheduleProblem problem = problem(jobs, machines, pins);
    return new Layout(problem).of(new EarliestClosingFirst().plan(problem));
  }

  private static ScheduleProblem problem(List<Job> jobs, List<Machine> machines, List<Pin> pins) {
    return ScheduleProblem.of(TODAY, jobs, machines, List.of(), FIT, pins);
  }

  private static JobWindow window(int from, int to) {
    return JobWindow.of(
        DateForecast.certain(TODAY.plusDays(from)),
        DateForecast.certain(TODAY.plusDays(to)),
        Figures.shipped());
  }

  private static Job job(String id, double acres, int from, int to) {
    return Job.of(
        id(id),
        id,
        MachineKind.DRILL,
        Area.ofAcres(acres),
        List.of(Footing.bare(SoilTexture.SILT_LOAM)),
        window(from, to));
  }

  private static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }
}
