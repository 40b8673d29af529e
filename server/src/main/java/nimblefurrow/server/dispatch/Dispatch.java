package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Layout;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.Schedule;
import nimblefurrow.core.board.SchedulePlanner;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.WhatIf;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Circles;
import nimblefurrow.core.job.Doing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Part;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.land.Farmsteads;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Roads;
import nimblefurrow.server.away.Away;
import nimblefurrow.server.loads.LoadDesk;
import nimblefurrow.server.loads.SowingRates;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.otherwork.OtherWorks;
import nimblefurrow.server.part.Parts;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.report.Reports;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads jobs and machines, lets the planner place them, keeps what it or a person decided. */
@Service
public class Dispatch {
  private static final int BYTES_A_JOB = 12_000;

  private final Seasons seasons;
  private final Machines machines;
  private final Placements placements;
  private final Away away;
  private final Reports reports;
  private final OtherWorks others;
  private final Parts parts;
  private final SchedulePlanner planner;
  private final LoadDesk loads;
  private final Unchanged unchanged;

  Dispatch(
      Seasons seasons,
      Machines machines,
      Placements placements,
      Away away,
      Reports reports,
      OtherWorks others,
      Parts parts,
      SchedulePlanner planner,
      LoadDesk loads,
      Unchanged unchanged) {
    this.loads = loads;
    this.unchanged = unchanged;
    this.seasons = seasons;
    this.machines = machines;
    this.placements = placements;
    this.away = away;
    this.reports = reports;
    this.others = others;
    this.parts = parts;
    this.planner = planner;
  }

  /** The board as it stands; laid out once for all who ask while nothing changes. */
  public Board board(UUID farmId) {
    return unchanged.of(farmId, "board", Dispatch::bytes, farm -> laid(farmId));
  }

  /** Jobs with their places by day; the seasons of their fields are kept by themselves. */
  private static int bytes(Board board) {
    return BYTES_A_JOB * (1 + board.jobs().size());
  }

  private Board laid(UUID farmId) {
    FarmSeason season =
        seasons
            .of(farmId)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    List<Reports.Said> said = reports.all(farmId);
    List<Pin> pins = placements.all(farmId);
    Map<JobId, String> on = pins.stream().collect(Collectors.toMap(Pin::jobId, Pin::machineId));
    Map<JobId, Doing> doing = Reports.doing(said, on);
    Figures figures = season.day().figures();
    List<MachineView> all = machines.all(farmId);
    List<Away.Days> off = away.all(farmId);
    List<Machine> asked = Away.around(all.stream().map(MachineView::machine).toList(), off);
    SowingRates rates = loads.rates(season.day(), all);
    OpenJobs open = OpenJobs.of(season, others.all(farmId), parts.all(farmId), asked, rates, doing);
    doing.keySet().retainAll(open.whole().keySet());
    List<Machine> rigs = Doing.called(asked, doing, on);
    List<Unplaced> never = Circles.of(open.jobs());
    ScheduleProblem problem =
        ScheduleProblem.of(
            season.day().today(),
            Circles.without(open.jobs()),
            rigs,
            Away.people(off),
            Roads.of(places(open.fieldOf().values()), figures),
            season.day().weather().fit(),
            pins);
    Layout layout = new Layout(problem);
    Schedule placed = layout.roughly(new Plan(problem.given()));
    return new Board(
        season,
        never.isEmpty() ? problem.campaign().jobs() : open.jobs(),
        never,
        open.fieldOf(),
        open.whole(),
        open.counted(),
        rates,
        open.partOf(),
        said,
        doing,
        all,
        problem,
        placed,
        () -> layout.roughly(planner.plan(problem)),
        placements.revisions(farmId),
        List.copyOf(open.overdue()),
        open.troubles());
  }

  private static Map<String, Site> places(Collection<FieldSeasons> seasons) {
    return Farmsteads.middles(
        seasons.stream()
            .map(FieldSeasons::field)
            .distinct()
            .map(f -> new Farmsteads.Plot(f.farmstead(), f.outline(), Area.ofAcres(f.acres())))
            .toList());
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
    WhatIf told = Questions.whatIf(board, jobId, machineId, day, lock);
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

  /**
   * Splits a part off a job, to be done on another day or machine.
   *
   * @throws OutOfRange where the part is too small or too large, or the job counted in hours
   */
  @Transactional
  public void split(UUID farmId, UUID id, JobId jobId, Area area) {
    Board board = board(farmId);
    Job job = board.job(jobId);
    if (board.counted(job).isPresent() || board.partOf().containsKey(jobId)) {
      throw new OutOfRange("job", job.field() + " cannot be split: split the whole job instead");
    }
    List<Part> own = parts.all(farmId).stream().filter(p -> p.of().equals(jobId)).toList();
    placements.split(
        farmId,
        "split " + job.field(),
        new Part(id, jobId, area).checked(job.area(), own, board.season().day().figures()));
  }

  /** Joins a part with the rest of its job again. */
  @Transactional
  public void join(UUID farmId, UUID partId) {
    String said =
        board(farmId).jobs().stream()
            .filter(job -> job.id().cover().equals(partId))
            .findFirst()
            .map(job -> "join " + job.field())
            .orElse("join a part");
    placements.join(farmId, said, partId);
  }

  @Transactional
  public void takeOff(UUID farmId, JobId jobId, Long seen) {
    Job job = board(farmId).job(jobId);
    placements.refuseMoved(farmId, jobId, seen);
    placements.change(farmId, "take off " + job.field(), List.of(), List.of(jobId));
  }
}
