package nimblefurrow.scheduler.help;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.board.HelpSizes;
import nimblefurrow.core.board.Mending;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.OtherwiseYear;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.PlanRisk;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.scheduler.mending.Replan;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.PlanSearch;

/**
 * What would help most: each thing that could be changed is played, with the list as it is or,
 * where more can be done with it, with one that is searched for a short while; that is set against
 * what such a search finds without it. Gains are counted on years that no search used.
 */
public final class Helps {
  private final Campaign campaign;
  private final Plan plan;
  private final List<WorkYear> years;
  private final List<WorkYear> others;
  private final List<Flown> flown;
  private final Figures figures;
  private final HelpSizes sizes;
  private final Effort effort;
  private final PlanRisk now;

  /** Jobs without a place that some machine could do, what closes first before the others. */
  private final List<Job> lacking;

  /** The list with those at its end, each on the first machine that can do it. */
  private final Plan whole;

  /** The better of the list and the whole one: what no help is needed for. */
  private final PlanRisk base;

  /** The list changed wherever that helps, without any help. */
  private PlanRisk searched;

  private HelpWatch watch = () -> false;

  /**
   * @param years that may be searched on
   * @param others that nothing is searched on; the helps are counted on them
   * @param flown crews that could sow from the air
   * @param effort for each help that needs another list
   */
  public Helps(
      Campaign campaign,
      Plan plan,
      List<WorkYear> years,
      List<WorkYear> others,
      List<Flown> flown,
      Figures figures,
      Effort effort) {
    this.campaign = campaign;
    this.plan = plan;
    this.years = years;
    this.others = others;
    this.flown = flown;
    this.figures = figures;
    this.sizes = HelpSizes.of(figures);
    this.effort = effort;
    this.now = PlanRisk.of(campaign, plan, others, figures);
    Set<JobId> placed = now.jobs().stream().map(PlanRisk.JobRisk::job).collect(Collectors.toSet());
    this.lacking =
        campaign.jobs().stream()
            .filter(job -> !placed.contains(job.id()) && !campaign.able(job).isEmpty())
            .sorted(Comparator.comparing(job -> job.window().end()))
            .toList();
    Plan put = plan;
    for (Job job : lacking) {
      put = put.on(campaign.able(job).get(0).id(), Set.of(job.id()));
    }
    this.whole = put;
    this.base = played(campaign, others);
  }

  /** The list played with some help, or the whole one where that loses less with it. */
  private PlanRisk played(Campaign with, List<WorkYear> in) {
    PlanRisk asItIs = PlanRisk.of(with, plan, in, figures);
    return lacking.isEmpty() ? asItIs : less(asItIs, PlanRisk.of(with, whole, in, figures));
  }

  private static PlanRisk less(PlanRisk one, PlanRisk other) {
    return other.loss().mean().value() < one.loss().mean().value() ? other : one;
  }

  /** The plan as it is. */
  public PlanRisk now() {
    return now;
  }

  /** All that helps, what brings most first. */
  public List<Help> all() {
    return all(() -> false);
  }

  /**
   * All that helps, what brings most first.
   *
   * @param watch is told after each thing that was tried; where it is over, what was found so far
   *     is answered
   */
  public List<Help> all(HelpWatch watch) {
    this.watch = watch;
    List<Supplier<Optional<Help>>> tries = new ArrayList<>();
    tries.add(this::driver);
    weeks().forEach((kind, from) -> tries.add(() -> Optional.of(machine(kind, from))));
    flown.forEach(crew -> tries.add(() -> flown(crew)));
    tries.add(() -> Optional.of(otherwise(Help.What.EARLIER, sizes.earlierDays(), 0)));
    tries.add(() -> Optional.of(otherwise(Help.What.LONGER, 0, sizes.longerHours())));
    risky().stream()
        .limit(sizes.dropped())
        .forEach(job -> tries.add(() -> Optional.of(dropped(job))));
    List<Help> all = new ArrayList<>();
    for (int i = 0; i < tries.size() && !watch.over(); i++) {
      tries.get(i).get().ifPresent(all::add);
      watch.tried((i + 1.0) / tries.size());
    }
    return all.stream()
        .filter(help -> help.gain().value() > 1)
        .sorted(Comparator.comparingDouble((Help h) -> h.gain().value()).reversed())
        .toList();
  }

  /** Jobs that have no place or are not surely done in their windows, the least sure first. */
  private List<Job> pressing() {
    Map<JobId, Job> jobs = campaign.byId();
    return Stream.concat(lacking.stream(), risky().stream().map(jobs::get)).toList();
  }

  /** Jobs with a place that are not surely done in their windows, the least sure first. */
  private List<JobId> risky() {
    return now.under(Share.of(figures.of(PlanRisk.SURE))).stream()
        .map(PlanRisk.JobRisk::job)
        .toList();
  }

  /** One more driver on the days on which that brings most, before some job's window closes. */
  private Optional<Help> driver() {
    List<Machine> machines = More.driven(campaign);
    if (machines.equals(campaign.machines())) {
      return Optional.empty();
    }
    List<Job> pressing = pressing();
    return (pressing.isEmpty() ? campaign.jobs() : pressing)
        .stream()
            .map(job -> begins(job, sizes.driverDays()))
            .distinct()
            .limit(sizes.drivers())
            .map(from -> driver(machines, from, from.plusDays(sizes.driverDays() - 1)))
            .max(Comparator.comparingDouble(h -> h.gain().value()));
  }

  private Help driver(List<Machine> machines, LocalDate from, LocalDate to) {
    Campaign with = More.driver(campaign, machines, from, to);
    return help(Help.What.DRIVER, played(with, others), base).on(from, to);
  }

  /** The first of so many days that end when a job's window closes. */
  private LocalDate begins(Job job, int days) {
    LocalDate from = job.window().end().minusDays(days - 1);
    return from.isBefore(campaign.first()) ? campaign.first() : from;
  }

  /**
   * For each kind of machine with a pressing job that any of them could do, the week that ends when
   * the first such closes.
   */
  private Map<MachineKind, LocalDate> weeks() {
    Map<MachineKind, LocalDate> weeks = new LinkedHashMap<>();
    for (Job job : pressing()) {
      boolean any = job.onlyOn().isEmpty() && job.begunOn().isEmpty();
      if (any && !campaign.able(job).isEmpty()) {
        LocalDate from = begins(job, sizes.machineDays());
        weeks.merge(job.kind(), from, (a, b) -> a.isBefore(b) ? a : b);
      }
    }
    return weeks;
  }

  /** A second machine like the first of its kind, for a week; with a crew of its own. */
  private Help machine(MachineKind kind, LocalDate from) {
    LocalDate to = from.plusDays(sizes.machineDays() - 1);
    Machine like = More.like(campaign, kind);
    Machine more = More.machine(like, from, to);
    Campaign with = More.machine(campaign, more);
    Set<JobId> its =
        lacking.stream()
            .filter(job -> job.kind() == kind && with.able(job).contains(more))
            .map(Job::id)
            .collect(Collectors.toSet());
    PlanRisk found = better(with, plan.on(more.id(), its));
    return help(Help.What.MACHINE, found, searched()).by(like.id()).on(from, to);
  }

  /** The fields that a crew had better sow from the air: those that gain by it alone, together. */
  private Optional<Help> flown(Flown crew) {
    List<Job> gain =
        pressing().stream()
            .flatMap(job -> crew.sowing().apply(job.id()).stream())
            .limit(sizes.flown())
            .filter(job -> base.loss().mean().value() > loss(crew.machine(), List.of(job)))
            .toList();
    if (gain.isEmpty()) {
      return Optional.empty();
    }
    PlanRisk with = better(in(gain), onto(crew.machine(), gain));
    return Optional.of(
        help(Help.What.FLOWN, with, searched())
            .by(crew.machine())
            .of(gain.stream().map(Job::id).toList()));
  }

  private double loss(String machine, List<Job> jobs) {
    return PlanRisk.of(in(jobs), onto(machine, jobs), others, figures).loss().mean().value();
  }

  private Campaign in(List<Job> jobs) {
    Map<JobId, Job> instead = jobs.stream().collect(Collectors.toMap(Job::id, job -> job));
    return campaign.with(
        campaign.jobs().stream().map(job -> instead.getOrDefault(job.id(), job)).toList());
  }

  private Plan onto(String machine, List<Job> jobs) {
    return plan.on(machine, jobs.stream().map(Job::id).collect(Collectors.toSet()));
  }

  private PlanRisk searched() {
    if (searched == null) {
      searched = less(base, better(campaign, whole));
    }
    return searched;
  }

  /** A list changed wherever that helps, by a short search. */
  private PlanRisk better(Campaign on, Plan from) {
    List<Turn> given = from.turns().stream().filter(t -> t.given().isPresent()).toList();
    Plan found =
        new PlanSearch(on, years, given, figures)
            .again(
                new Replan(from, new Mending(Set.of(), Set.of())),
                List.of(Share.of(1)),
                Share.of(1),
                effort,
                watch::over)
            .get(0)
            .plan();
    return PlanRisk.of(on, found, others, figures);
  }

  private Help otherwise(Help.What what, int sooner, double longer) {
    List<WorkYear> in =
        others.stream().map(y -> (WorkYear) new OtherwiseYear(y, sooner, longer)).toList();
    Campaign with =
        campaign.with(
            campaign.machines(), campaign.people().stream().map(p -> p.longer(longer)).toList());
    return help(what, played(with, in), base);
  }

  private Help dropped(JobId job) {
    PlanRisk without = PlanRisk.of(campaign, plan.without(Set.of(job)), others, figures);
    return help(Help.What.DROP, without, now).of(List.of(job));
  }

  private static Help help(Help.What what, PlanRisk with, PlanRisk than) {
    return new Help(
        what,
        Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Money.of(than.loss().mean().value() - with.loss().mean().value()),
        with.loss().better(than.loss()),
        with.atRisk());
  }
}
