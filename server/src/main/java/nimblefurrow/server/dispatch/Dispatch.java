package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.work.Campaign;
import nimblefurrow.core.work.Doing;
import nimblefurrow.core.work.Elsewhere;
import nimblefurrow.core.work.Evaluator;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Layout;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.Pin;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.PlanRisk;
import nimblefurrow.core.work.Roads;
import nimblefurrow.core.work.Schedule;
import nimblefurrow.core.work.SchedulePlanner;
import nimblefurrow.core.work.ScheduleProblem;
import nimblefurrow.core.work.SlidYear;
import nimblefurrow.core.work.WhatIf;
import nimblefurrow.scheduler.Effort;
import nimblefurrow.scheduler.Help;
import nimblefurrow.scheduler.Helps;
import nimblefurrow.server.away.Away;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.report.Reports;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.Trouble;
import org.locationtech.jts.geom.Point;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads jobs and machines, lets the planner place them, keeps what it or a person decided. */
@Service
public class Dispatch {
  /**
   * The farm's jobs as they stand: all of them, those with a place laid out, the rest not.
   *
   * @param jobs with what is left of them
   * @param whole all acres of each, done or not
   * @param said from the field, of whatever job, in its order
   * @param doing how the jobs stand of which something was said
   */
  public record Board(
      FarmSeason season,
      List<Job> jobs,
      Map<JobId, FieldSeasons> fieldOf,
      Map<JobId, Area> whole,
      List<Reports.Said> said,
      Map<JobId, Doing> doing,
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

  /** Days by which years are slid that tell how a plan fares; none of them was planned on. */
  private static final List<Integer> OTHER_YEARS = List.of(-7, 2);

  private final Seasons seasons;
  private final Machines machines;
  private final Placements placements;
  private final Away away;
  private final Reports reports;
  private final double helpSeconds;
  private final SchedulePlanner planner;

  /**
   * @param helpSeconds about what a search takes for one thing that could help
   */
  Dispatch(
      Seasons seasons,
      Machines machines,
      Placements placements,
      Away away,
      Reports reports,
      SchedulePlanner planner,
      @Value("${furrow.help-seconds:0.3}") double helpSeconds) {
    this.helpSeconds = helpSeconds;
    this.seasons = seasons;
    this.machines = machines;
    this.placements = placements;
    this.away = away;
    this.reports = reports;
    this.planner = planner;
  }

  public Board board(UUID farmId) {
    FarmSeason season =
        seasons
            .of(farmId)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    List<Job> jobs = new ArrayList<>();
    Map<JobId, FieldSeasons> fieldOf = new HashMap<>();
    Map<JobId, Area> whole = new HashMap<>();
    List<Reports.Said> said = reports.all(farmId);
    List<Pin> pins = placements.all(farmId);
    Map<JobId, String> on = pins.stream().collect(Collectors.toMap(Pin::jobId, Pin::machineId));
    Map<JobId, Doing> doing = Reports.doing(said, on);
    Figures figures = season.day().figures();
    List<Trouble> troubles = new ArrayList<>(season.troubles());
    for (FieldSeasons field : season.covers()) {
      field.broken().ifPresent(b -> troubles.add(new Trouble(field.field(), b.says())));
      Trouble.attempt(field.field(), () -> season.jobs(field), troubles::add)
          .ifPresent(
              open ->
                  open.forEach(
                      job -> {
                        Doing how = doing.get(job.id());
                        Job there = job.with(j -> j.place(field.field().farmstead()));
                        jobs.add(how == null ? there : how.rest(there, figures));
                        fieldOf.put(job.id(), field);
                        whole.put(job.id(), job.area());
                      }));
    }
    List<MachineView> all = machines.all(farmId);
    List<Away.Days> off = away.all(farmId);
    List<Machine> asked = Away.around(all.stream().map(MachineView::machine).toList(), off);
    doing.keySet().retainAll(whole.keySet());
    List<Machine> rigs = Doing.called(asked, doing, on);
    ScheduleProblem problem =
        ScheduleProblem.of(
            season.day().today(),
            jobs,
            rigs,
            Away.people(off),
            Roads.of(places(fieldOf.values()), figures),
            season.day().weather().fit(),
            pins);
    Layout layout = new Layout(problem);
    Schedule placed = layout.roughly(new Plan(problem.given()));
    Schedule anew = layout.roughly(planner.plan(problem));
    return new Board(
        season,
        problem.campaign().jobs(),
        fieldOf,
        whole,
        said,
        doing,
        all,
        problem,
        placed,
        anew,
        placements.revisions(farmId),
        troubles);
  }

  /** The middle of each farmstead's fields, the larger counting more. */
  private static Map<String, Site> places(Collection<FieldSeasons> seasons) {
    Map<String, List<FieldView>> byPlace =
        seasons.stream()
            .map(FieldSeasons::field)
            .distinct()
            .filter(f -> !f.farmstead().isBlank())
            .collect(Collectors.groupingBy(FieldView::farmstead));
    Map<String, Site> places = new HashMap<>();
    byPlace.forEach(
        (place, fields) -> {
          double acres = 0;
          double east = 0;
          double north = 0;
          for (FieldView field : fields) {
            Point middle = field.outline().shape().getCentroid();
            acres += field.acres();
            east += field.acres() * middle.getX();
            north += field.acres() * middle.getY();
          }
          places.put(place, new Site(north / acres, east / acres));
        });
    return places;
  }

  /** How what is placed fares in years that it was not planned on. */
  public PlanRisk risk(Board board) {
    Campaign campaign = board.problem().campaign();
    return PlanRisk.of(
        campaign,
        new Plan(board.problem().list()),
        SlidYear.of(board.problem().fit().years(), OTHER_YEARS, campaign),
        board.season().day().figures());
  }

  /** What it would cost to do a job elsewhere, and who would pay; counted like the risk. */
  public List<Elsewhere> elsewhere(Board board, JobId job) {
    ScheduleProblem problem = board.problem();
    Evaluator evaluator =
        new Evaluator(problem.campaign(), problem.fit().years(), problem.fit().figures());
    return Elsewhere.of(problem.campaign(), problem.asItStands(), evaluator, job);
  }

  /** What would help most; searched for a short while. */
  public List<Help> helps(Board board) {
    ScheduleProblem problem = board.problem();
    return new Helps(
            problem.campaign(),
            problem.asItStands(),
            problem.fit().years(),
            SlidYear.of(problem.fit().years(), OTHER_YEARS, problem.campaign()),
            problem.fit().figures(),
            new Effort(1, helpSeconds, 1))
        .all();
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
