package nimblefurrow.scheduler.help;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.OtherwiseYear;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.SlidYear;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.Roads;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.PlanSearch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is told to help, against the same played by hand. */
class HelpsTest {
  private static final Figures F = Figures.shipped();
  private static final Effort SHORT = new Effort(1, 0.1, 1);
  private static final LocalDate DAY = LocalDate.of(2026, 10, 1);

  /** One driver for combine and drill: a second one is worth 100 dollars. */
  @Test
  void aSecondDriverIsWorthWhatTheListGainsByHim() {
    WorkedCampaign worked = WorkedCampaign.check("2");
    Plan plan = worked.plan("H1 D1 H2");
    Helps helps = new Helps(worked.campaign, plan, worked.years, worked.years, List.of(), F, SHORT);
    assertThat(helps.now().loss().mean().value()).isCloseTo(100, within(0.01));
    Help driver =
        helps.all().stream().filter(h -> h.what() == Help.What.DRIVER).findFirst().orElseThrow();
    assertThat(driver.gain().value()).isCloseTo(100, within(0.01));
    assertThat(driver.from()).contains(worked.campaign.first());
    assertThat(driver.chance().fraction()).isEqualTo(1);
  }

  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-40"})
  void everyHelpGainsAndTheBestStandsFirst(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    Plan plan = new PlanSearch(worked.campaign, worked.years, List.of(), F).closingFirst().plan();
    List<WorkYear> others = SlidYear.of(worked.years, List.of(-7, 2), worked.campaign);
    Helps helps = new Helps(worked.campaign, plan, worked.years, others, List.of(), F, SHORT);
    List<Help> all = helps.all();
    assertThat(all).isNotEmpty();
    double now = helps.now().loss().mean().value();
    double last = Double.MAX_VALUE;
    for (Help help : all) {
      assertThat(help.gain().value()).isBetween(1.0, Math.min(last, now));
      assertThat(help.atRisk().acres()).isNotNegative();
      last = help.gain().value();
      if (help.what() == Help.What.DROP) {
        double without =
            new Evaluator(worked.campaign, others, F)
                .score(plan.without(Set.of(help.jobs().get(0))))
                .mean()
                .value();
        assertThat(help.gain().value()).isCloseTo(now - without, within(0.01));
      }
    }
    // An overloaded campaign is helped by a machine more, and by longer days.
    assertThat(all).anyMatch(h -> h.what() == Help.What.LONGER);
    assertThat(all).allMatch(h -> h.chance().fraction() > 0);
    assertThat(all).anyMatch(h -> h.what() == Help.What.MACHINE && h.from().isPresent());
  }

  /** A longer day is no rain less: what is fit for no hour stays so. */
  @Test
  void aLongerDayHasMoreHoursWhereItHasAny() {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    Job job = worked.campaign.jobs().get(0);
    WorkYear year = worked.years.get(3);
    WorkYear longer = new OtherwiseYear(year, 0, 2);
    WorkYear sooner = new OtherwiseYear(year, 2, 0);
    LocalDate first = worked.campaign.first();
    double[] was = year.fitHours(job, job.kind(), first, worked.campaign.days());
    double[] is = longer.fitHours(job, job.kind(), first, worked.campaign.days());
    int wet = 0;
    int fit = 0;
    for (int d = 0; d < was.length; d++) {
      LocalDate day = first.plusDays(d);
      assertThat(is[d]).isEqualTo(was[d] > 0 ? was[d] + 2 : 0);
      assertThat(longer.fitHours(job, job.kind(), day)).isEqualTo(is[d]);
      assertThat(sooner.fitHours(job, job.kind(), day)).isEqualTo(was[d]);
      wet += was[d] > 0 ? 0 : 1;
      fit += was[d] > 0 ? 1 : 0;
    }
    assertThat(wet).isPositive();
    assertThat(fit).isPositive();
    assertThat(sooner.opens(job)).contains(year.opens(job).orElseThrow().minusDays(2));
    assertThat(sooner.closes(job)).isEqualTo(year.closes(job));
  }

  /** Two fields for one drill on its only day; a drone that could sow the second loses nothing. */
  @Test
  void aCrewThatSowsFromTheAirIsToldWithTheFieldsThatGainByIt() {
    Job first = sowing("First", MachineKind.DRILL, DAY);
    Job second = sowing("Second", MachineKind.DRILL, DAY);
    Campaign campaign = oneDay(first, second);
    List<WorkYear> years = List.of(new Fit(DAY), new Fit(DAY));
    Plan plan = new Plan(List.of(Turn.on(first.id(), "drill"), Turn.on(second.id(), "drill")));
    Job flown = second.with(j -> j.kinds(List.of(MachineKind.DRONE)));
    Helps helps =
        new Helps(
            campaign,
            plan,
            years,
            years,
            List.of(new Flown("drone", id -> Optional.of(flown).filter(j -> j.id().equals(id)))),
            F,
            SHORT);
    assertThat(helps.now().loss().mean().value()).isEqualTo(80 * 50);
    Help help =
        helps.all().stream().filter(h -> h.what() == Help.What.FLOWN).findFirst().orElseThrow();
    assertThat(help.machine()).contains("drone");
    assertThat(help.jobs()).containsExactly(second.id());
    assertThat(help.gain().value()).isEqualTo(80 * 50);
    assertThat(help.chance().fraction()).isEqualTo(1);
    assertThat(help.atRisk().acres()).isZero();
  }

  /**
   * A field that the list has no room for is what more machines are for, and no surer one is told.
   */
  @Test
  void whatHasNoPlaceIsHelpedByAnotherMachine() {
    Job first = sowing("First", MachineKind.DRILL, DAY);
    Job second = sowing("Second", MachineKind.DRILL, DAY);
    List<WorkYear> years = List.of(new Fit(DAY), new Fit(DAY));
    Plan plan = new Plan(List.of(Turn.on(first.id(), "drill"), Turn.leftOut(second.id())));
    Helps helps = new Helps(oneDay(first, second), plan, years, years, List.of(), F, SHORT);
    assertThat(helps.now().atRisk().acres()).isEqualTo(80);
    Help machine =
        helps.all().stream().filter(h -> h.what() == Help.What.MACHINE).findFirst().orElseThrow();
    assertThat(machine.gain().value()).isEqualTo(80 * 50);
    assertThat(machine.machine()).contains("drill");
    assertThat(machine.from()).contains(DAY);
    assertThat(machine.atRisk().acres()).isZero();
    assertThat(helps.all()).noneMatch(h -> h.what() == Help.What.EARLIER);
  }

  /** Work that is one machine's own is no reason to have another of its kind. */
  @Test
  void whatOnlyOneMachineDoesIsNotHelpedByAnother() {
    Job first = sowing("First", MachineKind.DRILL, DAY);
    Job own = sowing("Its own", MachineKind.DRILL, DAY).with(j -> j.onlyOn(Optional.of("drill")));
    List<WorkYear> years = List.of(new Fit(DAY), new Fit(DAY));
    Plan plan = new Plan(List.of(Turn.on(first.id(), "drill"), Turn.leftOut(own.id())));
    Helps helps = new Helps(oneDay(first, own), plan, years, years, List.of(), F, SHORT);
    assertThat(helps.all()).noneMatch(h -> h.what() == Help.What.MACHINE);
    assertThat(helps.now().atRisk().acres()).isEqualTo(80);
  }

  /** A drill and a drone, with hours for one of the two fields each. */
  private static Campaign oneDay(Job first, Job second) {
    return new Campaign(
        DAY,
        DAY.plusDays(1),
        List.of(first, second),
        List.of(
            Machine.of("drill", "Drill", MachineKind.DRILL, WorkRate.acresPerHour(10)),
            Machine.of("drone", "Drone", MachineKind.DRONE, WorkRate.acresPerHour(10))),
        List.of(),
        Roads.none());
  }

  private static Job sowing(String field, MachineKind kind, LocalDate day) {
    return Job.of(
            new JobId(UUID.randomUUID(), Operation.SEED),
            field,
            kind,
            Area.ofAcres(80),
            List.of(Footing.bare(SoilTexture.LOAM)),
            new JobWindow(DateForecast.certain(day), DateForecast.certain(day), day))
        .with(j -> j.value(WorkValue.anyDay(Money.of(50))));
  }

  /** One fit day of eight hours. */
  private record Fit(LocalDate day) implements WorkYear {
    @Override
    public double fitHours(Job job, MachineKind kind, LocalDate on) {
      return on.equals(day) ? 8 : 0;
    }

    @Override
    public Optional<LocalDate> opens(Job job) {
      return Optional.of(day);
    }

    @Override
    public Optional<LocalDate> closes(Job job) {
      return Optional.of(day);
    }

    @Override
    public int late(Job job) {
      return 0;
    }
  }
}
