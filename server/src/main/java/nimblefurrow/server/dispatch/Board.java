package nimblefurrow.server.dispatch;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import nimblefurrow.core.board.Schedule;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.WorkHours;
import nimblefurrow.core.job.CountedHours;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Doing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.loads.SowingRates;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.otherwork.OtherWorks;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.report.Reports;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Trouble;

/**
 * The farm's jobs as they stand: all of them, those with a place laid out, the rest not.
 *
 * @param jobs with what is left of them
 * @param never those of them that can never begin, and why
 * @param whole all acres of each, done or not
 * @param hours of the jobs that are counted in them
 * @param rates what machines that sow do in an hour on each field
 * @param partOf the job that each part was split off
 * @param wouldBe how all would stand if the list were made anew by what closes first; worked out
 *     when it is asked for
 * @param overdue other work whose days are over and that nobody has begun
 * @param said from the field, of whatever job, in its order
 * @param doing how the jobs stand of which something was said
 */
public record Board(
    FarmSeason season,
    List<Job> jobs,
    List<Unplaced> never,
    Map<JobId, FieldSeasons> fieldOf,
    Map<JobId, Area> whole,
    Map<JobId, CountedHours> hours,
    SowingRates rates,
    Map<JobId, JobId> partOf,
    List<Reports.Said> said,
    Map<JobId, Doing> doing,
    List<MachineView> machines,
    ScheduleProblem problem,
    Schedule placed,
    Supplier<Schedule> wouldBe,
    Map<JobId, Long> revisions,
    List<OtherWorks.WrittenWork> overdue,
    List<Trouble> troubles) {
  public Job job(JobId id) {
    return jobs.stream()
        .filter(j -> j.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotOnThisFarm("open job"));
  }

  /** The field that a job is on; empty for other work that is on none. */
  public Optional<FieldSeasons> field(Job job) {
    return Optional.ofNullable(fieldOf.get(job.id()));
  }

  /** How a job is counted in hours; empty where it is in acres. */
  public Optional<CountedHours> counted(Job job) {
    return Optional.ofNullable(hours.get(job.id()));
  }

  /** Chance that a day's work of a job finds the day fit and the job's window open, 0–1. */
  public double chance(Job job, DayWork work) {
    return problem.days().chanceOpen(job, work.date());
  }

  /** About when by the clock a day's work of a job is done; empty for a day too far ahead. */
  public Optional<WorkHours> clock(Job job, DayWork work) {
    MachineKind kind = machine(job).map(MachineView::kind).orElse(job.kind());
    double whole = problem.fit().hoursPerDay(kind);
    double counted = problem.days().expected().fitHours(job, kind, work.date());
    return WorkHours.of(work, whole, counted, season.day().today(), season.day().figures());
  }

  private Optional<MachineView> machine(Job job) {
    return placed
        .of(job.id())
        .flatMap(
            place ->
                machines.stream()
                    .filter(m -> m.id().toString().equals(place.machineId()))
                    .findFirst());
  }

  /** The cover that a job is for, by its name; the harvest and other work are for none. */
  public Optional<String> cover(Job job) {
    return switch (job.id().operation()) {
      case HARVEST, OTHER -> Optional.empty();
      default -> field(job).flatMap(f -> f.now().field().cover()).map(cover -> cover.mix().name());
    };
  }
}
