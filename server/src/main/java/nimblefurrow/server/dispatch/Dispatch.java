package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.work.Campaign;
import nimblefurrow.core.work.FitDays;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Layout;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.Pin;
import nimblefurrow.core.work.Placement;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.PlanRisk;
import nimblefurrow.core.work.Schedule;
import nimblefurrow.core.work.SchedulePlanner;
import nimblefurrow.core.work.ScheduleProblem;
import nimblefurrow.core.work.SlidYear;
import nimblefurrow.core.work.Turn;
import nimblefurrow.core.work.Unplaced;
import nimblefurrow.core.work.WhatIf;
import nimblefurrow.scheduler.Effort;
import nimblefurrow.scheduler.Found;
import nimblefurrow.scheduler.PlanSearch;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.Trouble;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads jobs and machines, lets the planner place them, keeps what it or a person decided. */
@Service
public class Dispatch {
  /** The farm's jobs as they stand: all of them, those with a place laid out, the rest not. */
  public record Board(
      FarmSeason season,
      List<Job> jobs,
      Map<JobId, FieldSeasons> fieldOf,
      List<MachineView> machines,
      ScheduleProblem problem,
      Schedule placed,
      Schedule wouldBe,
      Map<JobId, Long> revisions,
      List<Trouble> troubles) {
    public Job job(JobId id) {
      return jobs.stream()
          .filter(j -> j.id().equals(id))
          .findFirst()
          .orElseThrow(() -> new NotOnThisFarm("open job"));
    }
  }

  /**
   * What a plan loses in the mean of some climate years, and what would be lost by what closes
   * first.
   */
  public record Planned(Money loss, Money byClosing, int years) {}

  private static final int THREADS = 2;
  private static final FigureKey OFTEN = FigureKey.of("work", "open_likely");

  /** Days by which years are slid that tell how a plan fares; none of them was planned on. */
  private static final List<Integer> OTHER_YEARS = List.of(-7, 2);

  private final Seasons seasons;
  private final Machines machines;
  private final Placements placements;
  private final SchedulePlanner planner;
  private final double seconds;

  /**
   * @param seconds about what a search takes, see {@link Effort}
   */
  Dispatch(
      Seasons seasons,
      Machines machines,
      Placements placements,
      SchedulePlanner planner,
      @Value("${furrow.plan-seconds:1.5}") double seconds) {
    this.seasons = seasons;
    this.machines = machines;
    this.placements = placements;
    this.planner = planner;
    this.seconds = seconds;
  }

  public Board board(UUID farmId) {
    FarmSeason season =
        seasons
            .of(farmId)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    List<Job> jobs = new ArrayList<>();
    Map<JobId, FieldSeasons> fieldOf = new HashMap<>();
    List<Trouble> troubles = new ArrayList<>(season.troubles());
    for (FieldSeasons field : season.covers()) {
      field.broken().ifPresent(b -> troubles.add(new Trouble(field.field(), b.says())));
      Trouble.attempt(field.field(), () -> season.jobs(field), troubles::add)
          .ifPresent(
              open -> {
                jobs.addAll(open);
                open.forEach(job -> fieldOf.put(job.id(), field));
              });
    }
    List<MachineView> all = machines.all(farmId);
    List<Machine> rigs = all.stream().map(MachineView::machine).toList();
    List<Pin> pins = placements.all(farmId);
    ScheduleProblem problem =
        ScheduleProblem.of(
            season.day().today(), jobs, rigs, List.of(), season.day().weather().fit(), pins);
    Layout layout = new Layout(problem);
    Schedule placed = layout.roughly(new Plan(problem.given()));
    Schedule whole = layout.roughly(planner.plan(problem));
    return new Board(
        season, jobs, fieldOf, all, problem, placed, whole, placements.revisions(farmId), troubles);
  }

  /**
   * Places every open job anew by the plan that loses least in the climate years; locked ones stay,
   * and jobs that find no place lose the one they had.
   *
   * @return what the plan loses, and what the rule loses that growers go by
   */
  @Transactional
  public Planned planAll(UUID farmId) {
    Board board = board(farmId);
    List<Pin> locked = board.problem().pins().stream().filter(Pin::locked).toList();
    ScheduleProblem anew = board.problem().pinned(locked);
    PlanSearch search =
        new PlanSearch(
            anew.campaign(), anew.fit().years(), anew.given(), board.season().day().figures());
    Found found = search.search(new Effort(1, seconds, THREADS), () -> false);
    Schedule plan = new Layout(anew).of(found.plan());
    List<Pin> pins = new ArrayList<>();
    plan.placed().forEach(p -> pins.add(new Pin(p.jobId(), p.machineId(), p.start(), p.locked())));
    pins.addAll(inTime(anew, pins, oftenDone(anew, found.plan(), plan)));
    List<JobId> left = new ArrayList<>(plan.unplaced().stream().map(Unplaced::jobId).toList());
    left.removeAll(pins.stream().map(Pin::jobId).toList());
    placements.change(farmId, "plan it", pins, left);
    return new Planned(
        Money.of(found.loss()), Money.of(search.closingFirst().loss()), anew.fit().memberYears());
  }

  /**
   * Jobs that the plan's turns leave no hours to be counted on, though most years do: from the day
   * on which the middle year begins them. Where one would be late, a person has to accept it.
   */
  private static List<Pin> oftenDone(ScheduleProblem problem, Plan plan, Schedule placed) {
    Campaign campaign = problem.campaign();
    FitDays fit = problem.fit();
    Map<JobId, Turn> turns = new HashMap<>();
    plan.turns().forEach(turn -> turns.put(turn.job(), turn));
    Set<JobId> missed = new HashSet<>();
    placed.unplaced().forEach(u -> missed.add(u.jobId()));
    double half = fit.figures().of(OFTEN);
    return PlanRisk.of(campaign, plan, fit.years(), fit.figures()).jobs().stream()
        .filter(job -> missed.contains(job.job()) && job.inWindow().fraction() >= half)
        .flatMap(
            job ->
                turns.get(job.job()).machine().stream()
                    .flatMap(
                        machine ->
                            job.begins().stream()
                                .map(day -> new Pin(job.job(), machine, day, false))))
        .toList();
  }

  /** Those of some more places that are in time, and make nothing late that has a place. */
  private static List<Pin> inTime(ScheduleProblem problem, List<Pin> pins, List<Pin> more) {
    List<Pin> with = new ArrayList<>(pins);
    with.addAll(more);
    Set<JobId> late = late(problem, with);
    List<Pin> kept = more.stream().filter(pin -> !late.contains(pin.jobId())).toList();
    with = new ArrayList<>(pins);
    with.addAll(kept);
    return kept.isEmpty() || late(problem, pins).containsAll(late(problem, with))
        ? kept
        : List.of();
  }

  private static Set<JobId> late(ScheduleProblem problem, List<Pin> pins) {
    ScheduleProblem tried = problem.pinned(pins);
    return new Layout(tried)
        .roughly(new Plan(tried.given())).placed().stream()
            .filter(Placement::late)
            .map(Placement::jobId)
            .collect(Collectors.toSet());
  }

  /** How what is placed fares in years that it was not planned on. */
  public PlanRisk risk(Board board) {
    Campaign campaign = board.problem().campaign();
    return PlanRisk.of(
        campaign,
        new Plan(board.problem().given()),
        SlidYear.of(board.problem().fit().years(), OTHER_YEARS, campaign),
        board.season().day().figures());
  }

  public WhatIf whatIf(Board board, JobId jobId, UUID machineId, LocalDate day, boolean lock) {
    return WhatIf.of(
        board.problem(), board.placed(), board.job(jobId), machine(board, machineId), day, lock);
  }

  /**
   * Puts a job on a machine and day; one that ends after its window only when that is accepted.
   *
   * @param seen the number of the place it was moved from; null when it had none
   */
  @Transactional
  public void place(
      UUID farmId,
      JobId jobId,
      UUID machineId,
      LocalDate day,
      boolean lock,
      boolean acceptLate,
      Long seen) {
    Board board = board(farmId);
    Job job = board.job(jobId);
    placements.refuseMoved(farmId, jobId, seen);
    WhatIf told =
        WhatIf.of(board.problem(), board.placed(), job, machine(board, machineId), day, lock);
    if (told.late() && !acceptLate) {
      throw new OutOfRange(
          "day",
          "%s would end after its window: accept it as late, or choose an earlier day"
              .formatted(job.field()));
    }
    placements.change(
        farmId,
        "move " + job.field(),
        List.of(new Pin(jobId, machineId.toString(), day, lock)),
        List.of());
  }

  @Transactional
  public void takeOff(UUID farmId, JobId jobId, Long seen) {
    Job job = board(farmId).job(jobId);
    placements.refuseMoved(farmId, jobId, seen);
    placements.change(farmId, "take off " + job.field(), List.of(), List.of(jobId));
  }

  private static Machine machine(Board board, UUID id) {
    return board.problem().campaign().machines().stream()
        .filter(m -> m.id().equals(id.toString()))
        .findFirst()
        .orElseThrow(() -> new NotOnThisFarm("machine"));
  }
}
