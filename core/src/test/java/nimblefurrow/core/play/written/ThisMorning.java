package nimblefurrow.core.play.written;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Run;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;

/**
 * A campaign as it stands on a later morning, when a year of it has gone by its plan so far: what
 * is done is gone, what is begun needs the rest of its acres and goes on first.
 *
 * @param plan the same list without what is done
 * @param begun jobs that are under way
 * @param years the years from this morning on, some days of which are lost
 */
public record ThisMorning(Campaign campaign, Plan plan, Set<JobId> begun, List<WorkYear> years) {

  /**
   * @param gone days that have gone by, in the year that is played
   * @param lost days from this morning on that rain takes from every machine
   */
  public static ThisMorning of(
      Campaign all,
      List<WorkYear> years,
      Plan plan,
      Evaluator judge,
      int year,
      int gone,
      int lost) {
    LocalDate day = all.first().plusDays(gone);
    Map<JobId, Run> runs = judge.play(plan, year).byJob();
    List<Job> jobs = new ArrayList<>();
    Set<JobId> begun = new HashSet<>();
    Set<JobId> open = new HashSet<>();
    for (Job job : all.jobs()) {
      double done =
          runs.get(job.id()).days().stream()
              .filter(d -> d.date().isBefore(day))
              .mapToDouble(DayWork::acres)
              .sum();
      boolean over = years.get(year).closes(job).orElseThrow().isBefore(day);
      if (job.area().acres() - done > 0.01 && !over) {
        open.add(job.id());
        Area rest = Area.ofAcres(job.area().acres() - done);
        if (done == 0) {
          jobs.add(job);
        } else {
          Optional<String> on = runs.get(job.id()).machine();
          // A job's acres are counted with its setting up: what is left of both goes together.
          double part = rest.acres() / job.area().acres();
          Duration setUp = Duration.ofMillis(Math.round(job.setUp().toMillis() * part));
          jobs.add(job.with(j -> j.area(rest).setUp(setUp).begunOn(on)));
          begun.add(job.id());
        }
      }
    }
    List<Job> left =
        jobs.stream()
            .map(
                job ->
                    job.with(
                        j ->
                            j.after(
                                job.after().stream()
                                    .filter(a -> open.contains(a.jobId()))
                                    .toList())))
            .toList();
    Campaign rest =
        new Campaign(day, all.last(), left, called(all, gone), all.people(), all.roads());
    // What is under way is asked first, as it began.
    List<Turn> turns = new ArrayList<>(plan.turns());
    turns.removeIf(t -> !open.contains(t.job()));
    turns.sort(
        Comparator.comparing(
            t ->
                begun.contains(t.job())
                    ? runs.get(t.job()).begins().orElseThrow()
                    : all.last().plusDays(1)));
    List<WorkYear> ahead =
        years.stream().map(y -> (WorkYear) new Rained(y, day.plusDays(lost))).toList();
    return new ThisMorning(rest, new Plan(turns), begun, ahead);
  }

  /** Crews that were called when the plan was made have had so many days of notice. */
  private static List<Machine> called(Campaign all, int gone) {
    return all.machines().stream()
        .map(
            m ->
                m.with(
                    b ->
                        b.hire(
                            m.hire()
                                .map(
                                    h ->
                                        new Hire(
                                            h.perAcre(),
                                            h.least(),
                                            Math.max(0, h.noticeDays() - gone))))))
        .toList();
  }

  /** A year in which nothing is fit before a day. */
  private record Rained(WorkYear year, LocalDate until) implements WorkYear {
    @Override
    public double fitHours(Job job, MachineKind kind, LocalDate day) {
      return day.isBefore(until) ? 0 : year.fitHours(job, kind, day);
    }

    @Override
    public Optional<LocalDate> opens(Job job) {
      return year.opens(job);
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
