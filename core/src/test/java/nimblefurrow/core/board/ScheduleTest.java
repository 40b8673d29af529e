package nimblefurrow.core.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.TestWeather;
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
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Score;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.Person;
import nimblefurrow.core.yard.Roads;
import org.junit.jupiter.api.Test;

public class ScheduleTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 15);
  private static final FitDays FIT = new FitDays(TestWeather.outlook(TODAY));
  private static final Machine DRILL =
      Machine.of("d", "15 ft drill", MachineKind.DRILL, WorkRate.acresPerHour(6));

  @Test
  void fallStubbleIsFitMoreOftenThanWinterGround() {
    Job job = job("a", 60, 20);
    assertThat(new JobDays(FIT).chance(job, LocalDate.of(2026, 9, 28))).isBetween(0.5, 1.0);
    assertThat(new JobDays(FIT).chance(job, LocalDate.of(2027, 1, 20))).isLessThan(0.4);
  }

  @Test
  void aLivingCoverCarriesTrafficSooner() {
    LocalDate april = LocalDate.of(2027, 4, 20);
    Job bare = job("a", 60, 20);
    Job covered =
        bare.with(j -> j.grounds(List.of(new Footing(SoilTexture.SILT_LOAM, false, true))));
    assertThat(new JobDays(FIT).chance(covered, april))
        .isGreaterThan(new JobDays(FIT).chance(bare, april));
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

  public static Job job(String id, double acres, int days) {
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

  private static final Machine ROLLER =
      Machine.of("r", "Roller", MachineKind.ROLLER, WorkRate.acresPerHour(8));

  private static String reason(ScheduleProblem problem, Plan plan, String job) {
    return new Layout(problem)
        .of(plan).unplaced().stream()
            .filter(u -> u.jobId().equals(id(job)))
            .findFirst()
            .orElseThrow()
            .why()
            .in(UnitSystem.US);
  }

  @Test
  void whatHasNoPlaceSaysWhichOfTheReasonsItIs() {
    Job gone = job("gone", 40, 10).withWindow(window(-20, -3));
    Job late = job("late", 40, 10).withWindow(window(9, 4));
    Job noMachine = job("none", 40, 10).withKinds(List.of(MachineKind.AIRPLANE));
    Job huge = job("huge", 4000, 6);
    Job fine = job("fine", 40, 30);
    After after = new After(id("huge"), "the first pass", 1, 9, java.util.Optional.empty());
    Job waits = job("waits", 30, 30).withAfter(List.of(after));
    List<Job> jobs = List.of(gone, late, noMachine, huge, fine, waits);
    ScheduleProblem problem = problem(jobs, List.of());
    Plan plan =
        new Plan(
            jobs.stream()
                .map(j -> j == noMachine ? Turn.leftOut(j.id()) : Turn.on(j.id(), "d"))
                .toList());
    assertThat(reason(problem, plan, "gone")).contains("its window closed");
    assertThat(reason(problem, plan, "late")).contains("opens only after it closes on 19 Sep");
    assertThat(reason(problem, plan, "none")).contains("no machine on the farm can fly");
    assertThat(reason(problem, plan, "huge")).contains("needs 666.7 h");
    assertThat(reason(problem, plan, "waits")).contains("the first pass, which has no place yet");
    assertThat(new Layout(problem).of(plan).of(id("fine"))).isPresent();
    Machine rented = DRILL.withBooked(java.util.Set.of(TODAY.plusDays(60)));
    ScheduleProblem booked =
        ScheduleProblem.of(TODAY, List.of(fine), List.of(rented), List.of(), FIT, List.of());
    assertThat(reason(booked, new Plan(List.of(Turn.on(fine.id(), "d"))), "fine"))
        .contains("no machine for it can be had from 15 Sep to 15 Oct");
  }

  @Test
  void brokenMachinesAndPeopleAwayAreNamedAndTheRestIsPlanned() {
    Set<LocalDate> all = TODAY.datesUntil(TODAY.plusDays(60)).collect(Collectors.toSet());
    Machine broken = DRILL.with(m -> m.id("b").off(all));
    Machine driven = DRILL.with(m -> m.id("v").drivers(List.of("Otis")));
    List<Job> jobs = List.of(job("a", 40, 30), job("b", 40, 30));
    for (boolean driver : new boolean[] {false, true}) {
      Machine one = driver ? driven : broken;
      List<Person> people = driver ? List.of(Person.always("Otis").away(all)) : List.of();
      ScheduleProblem only = ScheduleProblem.of(TODAY, jobs, List.of(one), people, FIT, List.of());
      Plan plan = new Plan(jobs.stream().map(j -> Turn.on(j.id(), one.id())).toList());
      assertThat(new Layout(only).of(plan).unplaced())
          .hasSize(2)
          .allSatisfy(
              u ->
                  assertThat(u.why().in(UnitSystem.US))
                      .contains(
                          driver
                              ? "whoever may drive the 15 ft drill is away"
                              : "no machine for it can be had from"));
      ScheduleProblem both =
          ScheduleProblem.of(TODAY, jobs, List.of(one, DRILL), people, FIT, List.of());
      Plan mixed = new Plan(List.of(Turn.on(id("a"), one.id()), Turn.on(id("b"), DRILL.id())));
      assertThat(new Layout(both).of(mixed).of(id("b"))).isPresent();
    }
  }

  @Test
  void twoLockedOnOneMachineAtOnceShareItsHours() {
    List<Job> jobs = List.of(job("a", 40, 30), job("b", 40, 30));
    List<Pin> pins =
        List.of(
            new Pin(id("a"), "d", TODAY.plusDays(1), true),
            new Pin(id("b"), "d", TODAY.plusDays(1), true));
    ScheduleProblem problem = problem(jobs, pins);
    Schedule laid = new Layout(problem).of(new Plan(problem.given()));
    assertThat(laid.placed()).hasSize(2);
    Map<LocalDate, Double> hours = new HashMap<>();
    laid.placed()
        .forEach(p -> p.days().forEach(d -> hours.merge(d.date(), d.hours(), Double::sum)));
    assertThat(hours).hasSizeGreaterThan(1);
    assertThat(hours.values()).allSatisfy(h -> assertThat(h).isLessThanOrEqualTo(9 + 1e-9));
  }

  /** Forty acres worth 50 dollars each: done before the window opens, as good as never done. */
  @Test
  void aDropTellsWhatTheListLosesByIt() {
    Job job =
        job("a", 40, 30).with(j -> j.window(window(6, 30)).value(WorkValue.anyDay(Money.of(50))));
    Pin pin = new Pin(job.id(), "d", TODAY.plusDays(8), false);
    ScheduleProblem problem = problem(List.of(job), List.of(pin));
    Schedule now = new Layout(problem).of(new Plan(problem.given()));
    WhatIf early = WhatIf.of(problem, now, job, DRILL, TODAY, true);
    double dry = new JobDays(FIT).chance(job, TODAY);
    assertThat(dry).isGreaterThan(0.5);
    assertThat(early.inWindow().fraction()).isLessThanOrEqualTo(1 - dry + 1e-9);
    assertThat(early.rise().value()).isBetween(0.5 * dry * 40 * 50, 40 * 50.0);
    WhatIf later = WhatIf.of(problem, now, job, DRILL, TODAY.plusDays(9), true);
    assertThat(later.rise().value()).isCloseTo(0, within(1e-6));
    assertThat(later.inWindow().fraction()).isGreaterThan(0.9);
  }

  @Test
  void whatWasMeantIsSetAgainstToday() {
    List<Job> jobs = List.of(job("a", 40, 30), job("b", 40, 30), job("c", 40, 30));
    Pin a = new Pin(id("a"), "d", TODAY.plusDays(1), false);
    Pin moved = new Pin(id("b"), "d", TODAY.plusDays(4), false);
    ScheduleProblem board = problem(jobs, List.of(a, moved));
    List<Pin> then =
        List.of(
            a,
            new Pin(id("b"), "d", TODAY.plusDays(3), false),
            new Pin(id("c"), "d", TODAY.plusDays(2), false),
            new Pin(id("gone"), "d", TODAY, false));
    PlacesThen told = PlacesThen.of(then, board);
    assertThat(told.same()).isEqualTo(1);
    assertThat(told.over()).isEqualTo(1);
    assertThat(told.differs())
        .containsExactly(
            new PlacesThen.Differs(id("c"), Optional.of(then.get(2)), Optional.empty()),
            new PlacesThen.Differs(id("b"), Optional.of(then.get(1)), Optional.of(moved)));
  }

  @Test
  void theListIsKeptWithItsWaitsAndWithoutItsDays() {
    List<Job> jobs = List.of(job("a", 40, 30), job("b", 40, 30), job("c", 40, 30));
    List<Pin> pins =
        List.of(
            new Pin(id("b"), "d", TODAY.plusDays(1), false, Optional.of(2)),
            new Pin(id("a"), "d", TODAY.plusDays(5), false),
            new Pin(id("c"), "d", TODAY.plusDays(9), true));
    ScheduleProblem problem = problem(jobs, pins);
    List<Turn> list = problem.list();
    assertThat(list.stream().map(Turn::job)).containsExactly(id("b"), id("a"), id("c"));
    assertThat(list.get(0).waitDays()).isEqualTo(2);
    assertThat(list.get(0).given()).isEmpty();
    assertThat(list.get(1).waitDays()).isPositive();
    assertThat(list.get(2).given()).contains(TODAY.plusDays(9));
    assertThat(problem.asItStands().turns()).hasSize(3);
    ScheduleProblem fewer = problem.pinned(pins.subList(0, 1));
    assertThat(fewer.asItStands().turns().stream().filter(t -> t.machine().isEmpty())).hasSize(2);
  }

  private static JobWindow window(int from, int to) {
    return JobWindow.of(
        DateForecast.certain(TODAY.plusDays(from)),
        DateForecast.certain(TODAY.plusDays(to)),
        Figures.shipped());
  }

  @Test
  void whatIsGivenADayKeepsItAndSaysWhyItIsThere() {
    Job a = job("a", 60, 30);
    Job b = job("b", 60, 30);
    Pin planned = new Pin(a.id(), "d", TODAY.plusDays(5), false);
    Pin locked = new Pin(b.id(), "d", TODAY.plusDays(9), true);
    Pin elsewhere = new Pin(b.id(), "gone", TODAY, false);
    Pin wrong = new Pin(b.id(), "r", TODAY, false);
    ScheduleProblem problem = problem(List.of(a, b), List.of(planned, locked));
    Schedule laid = new Layout(problem).of(new Plan(problem.given()));
    assertThat(laid.of(a.id()).orElseThrow().start()).isEqualTo(TODAY.plusDays(5));
    assertThat(laid.of(a.id()).orElseThrow().why().in(UnitSystem.US))
        .contains("could begin on 15 Sep");
    assertThat(laid.of(b.id()).orElseThrow().why().in(UnitSystem.US)).contains("locked here");
    assertThat(problem.pin(b.id())).contains(locked);
    assertThat(problem.pin(id("c"))).isEmpty();
    ScheduleProblem without =
        ScheduleProblem.of(
            TODAY,
            List.of(a, b),
            List.of(DRILL, ROLLER),
            List.of(),
            FIT,
            List.of(elsewhere, wrong));
    assertThat(without.given()).as("machines that are gone, or cannot").isEmpty();
  }

  @Test
  void aMoveTellsWhoseDaysItTakesAndOnlyTheirs() {
    Job a = job("a", 150, 30);
    Job b = job("b", 60, 30);
    Job far = job("far", 40, 60);
    Pin first = new Pin(a.id(), "d", TODAY, false);
    Pin distant = new Pin(far.id(), "d", TODAY.plusDays(40), false);
    ScheduleProblem problem = problem(List.of(a, b, far), List.of(first, distant));
    Schedule now = new Layout(problem).of(new Plan(problem.given()));
    WhatIf told = WhatIf.of(problem, now, b, DRILL, TODAY.plusDays(1), true);
    assertThat(told.moves()).containsExactly(a.id());
    assertThat(told.days().get(0).date()).isEqualTo(TODAY.plusDays(1));
    assertThat(told.chanceOpen().fraction()).isEqualTo(1);
    WhatIf polite = WhatIf.of(problem, now, b, DRILL, TODAY.plusDays(1), false);
    assertThat(polite.moves()).as("not locked it waits its turn").isEmpty();
    assertThat(String.join(" ", polite.says().stream().map(r -> r.in(UnitSystem.US)).toList()))
        .contains("begins on")
        .contains("15 ft drill is at a");
    assertThatThrownBy(() -> WhatIf.of(problem, now, b, DRILL, FIT.last().plusDays(1), true))
        .hasMessageContaining("at the latest");
  }

  @Test
  void waysThereAreWaysBackAndABadYearIsTheNinthOfTen() {
    Roads roads =
        new Roads(
            java.util.Map.of(new Roads.Way("home", "creek"), java.time.Duration.ofMinutes(20)),
            nimblefurrow.core.quantity.Money.of(40));
    assertThat(roads.between("creek", "home")).isEqualTo(java.time.Duration.ofMinutes(20));
    assertThat(roads.between("home", "creek")).isEqualTo(java.time.Duration.ofMinutes(20));
    assertThat(roads.between("home", "north")).isZero();
    List<Double> losses =
        java.util.stream.IntStream.rangeClosed(1, 10).mapToObj(i -> 100.0 * i).toList();
    Score score = new Score(nimblefurrow.core.ensemble.Ensemble.of(losses));
    assertThat(score.mean().value()).isEqualTo(550);
    assertThat(score.badYear().value()).isEqualTo(900);
    JobId seed = id("a");
    JobId roll = new JobId(seed.cover(), Operation.ROLL);
    assertThat(seed).isLessThan(roll);
  }
}
