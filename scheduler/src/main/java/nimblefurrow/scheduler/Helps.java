package nimblefurrow.scheduler;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.work.Campaign;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.core.work.Mending;
import nimblefurrow.core.work.Person;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.PlanRisk;
import nimblefurrow.core.work.Turn;
import nimblefurrow.core.work.WorkYear;

/**
 * What would help a plan most: each thing that could be changed is played with the same list, or
 * searched for shortly where the list has to change, and set against the plan as it is. All dollars
 * are counted on years that no search used.
 */
public final class Helps {
  private static final int WEEK = 7;
  private static final int EARLIER_DAYS = 2;
  private static final int DROPPED = 4;
  private static final String MORE = "one more";

  private final Campaign campaign;
  private final Plan plan;
  private final List<WorkYear> years;
  private final List<WorkYear> others;
  private final Figures figures;
  private final Effort effort;
  private final PlanRisk now;

  /** What the list would lose were it changed wherever that helps, without any help. */
  private Money searched;

  /**
   * @param years that may be searched on
   * @param others that nothing is searched on; the helps are counted on them
   * @param effort for each help that needs another list
   */
  public Helps(
      Campaign campaign,
      Plan plan,
      List<WorkYear> years,
      List<WorkYear> others,
      Figures figures,
      Effort effort) {
    this.campaign = campaign;
    this.plan = plan;
    this.years = years;
    this.others = others;
    this.figures = figures;
    this.effort = effort;
    this.now = PlanRisk.of(campaign, plan, others, figures);
  }

  /** The plan as it is. */
  public PlanRisk now() {
    return now;
  }

  /** All that helps, what brings most first. */
  public List<Help> all() {
    List<Help> all = new ArrayList<>();
    driver().ifPresent(all::add);
    weeks().forEach((kind, from) -> all.add(machine(kind, from)));
    all.add(earlier());
    risky().stream().limit(DROPPED).forEach(job -> all.add(dropped(job)));
    return all.stream()
        .filter(help -> help.gain().value() > 1)
        .sorted(Comparator.comparingDouble((Help h) -> h.gain().value()).reversed())
        .toList();
  }

  /** Jobs that are not surely done in their windows, the least sure first. */
  private List<JobId> risky() {
    return now.under(Share.of(figures.of(PlanRisk.SURE))).stream()
        .map(PlanRisk.JobRisk::job)
        .toList();
  }

  private Optional<Help> driver() {
    List<Machine> machines =
        campaign.machines().stream()
            .map(m -> m.drivers().isEmpty() ? m : m.with(b -> b.drivers(and(m.drivers()))))
            .toList();
    if (machines.equals(campaign.machines())) {
      return Optional.empty();
    }
    List<Person> people = new ArrayList<>(campaign.people());
    people.add(Person.always(MORE));
    Campaign with =
        new Campaign(
            campaign.first(), campaign.last(), campaign.jobs(), machines, people, campaign.roads());
    return Optional.of(help(Help.What.DRIVER, with, plan, others));
  }

  private static List<String> and(List<String> drivers) {
    List<String> all = new ArrayList<>(drivers);
    all.add(MORE);
    return all;
  }

  /** For each kind of machine with a job at risk, the week that ends when the first such closes. */
  private Map<MachineKind, LocalDate> weeks() {
    Map<JobId, Job> jobs = campaign.byId();
    Map<MachineKind, LocalDate> weeks = new LinkedHashMap<>();
    for (JobId id : risky()) {
      Job job = jobs.get(id);
      if (!campaign.able(job).isEmpty()) {
        LocalDate from = job.window().end().minusDays(WEEK - 1);
        weeks.merge(job.kind(), from, (a, b) -> a.isBefore(b) ? a : b);
      }
    }
    weeks.replaceAll((k, day) -> day.isBefore(campaign.first()) ? campaign.first() : day);
    return weeks;
  }

  /** A second machine like the first of its kind, for a week; with a crew of its own. */
  private Help machine(MachineKind kind, LocalDate from) {
    Machine like =
        campaign.machines().stream().filter(m -> m.kind() == kind).findFirst().orElseThrow();
    Set<LocalDate> days = from.datesUntil(from.plusDays(WEEK)).collect(Collectors.toSet());
    Machine more =
        Machine.of(MORE, like.name(), kind, like.rate())
            .with(m -> m.booked(days).place(like.place()));
    List<Machine> machines = new ArrayList<>(campaign.machines());
    machines.add(more);
    Campaign with =
        new Campaign(
            campaign.first(),
            campaign.last(),
            campaign.jobs(),
            machines,
            campaign.people(),
            campaign.roads());
    List<Turn> given = plan.turns().stream().filter(t -> t.given().isPresent()).toList();
    PlanSearch search = new PlanSearch(with, years, given, figures);
    Plan better =
        search
            .again(
                new Replan(plan, new Mending(Set.of(), Set.of())),
                List.of(Share.of(1)),
                Share.of(1),
                effort,
                () -> false)
            .get(0)
            .plan();
    return help(Help.What.MACHINE, with, better, others).with(kind, from, from.plusDays(WEEK - 1));
  }

  /** The list changed wherever that helps, by a short search. */
  private Plan better(Campaign on) {
    List<Turn> given = plan.turns().stream().filter(t -> t.given().isPresent()).toList();
    return new PlanSearch(on, years, given, figures)
        .again(
            new Replan(plan, new Mending(Set.of(), Set.of())),
            List.of(Share.of(1)),
            Share.of(1),
            effort,
            () -> false)
        .get(0)
        .plan();
  }

  private Help earlier() {
    List<WorkYear> early = others.stream().map(y -> (WorkYear) new Earlier(y)).toList();
    return help(Help.What.EARLIER, campaign, plan, early);
  }

  private Help dropped(JobId job) {
    return help(Help.What.DROP, campaign, plan.without(Set.of(job)), others).of(job);
  }

  private Help help(Help.What what, Campaign with, Plan then, List<WorkYear> in) {
    PlanRisk risk = PlanRisk.of(with, then, in, figures);
    return help(what, now.loss().mean().value() - risk.loss().mean().value(), risk);
  }

  private static Help help(Help.What what, double gain, PlanRisk risk) {
    return new Help(
        what,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Money.of(gain),
        risk.atRisk());
  }

  /** A year in which all windows open two days earlier. */
  private record Earlier(WorkYear year) implements WorkYear {
    @Override
    public double fitHours(Job job, MachineKind kind, LocalDate day) {
      return year.fitHours(job, kind, day);
    }

    @Override
    public double[] fitHours(Job job, MachineKind kind, LocalDate first, int days) {
      return year.fitHours(job, kind, first, days);
    }

    @Override
    public Optional<LocalDate> opens(Job job) {
      return year.opens(job).map(day -> day.minusDays(EARLIER_DAYS));
    }

    @Override
    public Optional<LocalDate> closes(Job job) {
      return year.closes(job);
    }

    @Override
    public int late(Job job) {
      return year.late(job);
    }
  }
}
