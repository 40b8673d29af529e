package nimblefurrow.core.board;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Person;
import nimblefurrow.core.yard.Roads;

/**
 * What is to be scheduled from a morning on, with what is known of the weather and what a person,
 * or an earlier plan, has given a place already.
 */
public record ScheduleProblem(Campaign campaign, FitDays fit, List<Pin> pins) {
  private static final int MOST_WAIT = 400;
  private static final FigureKey LONGEST_JOB = FigureKey.of("work", "longest_job");

  /**
   * What closes first goes first; of two that close on one day the smaller, since more fields are
   * done by it; then by name, so that equal farms are planned alike.
   */
  public static final Comparator<Job> CLOSING_FIRST =
      Comparator.comparing((Job j) -> j.window().end())
          .thenComparing(Job::area)
          .thenComparing(Job::field)
          .thenComparing(Job::id);

  public ScheduleProblem {
    pins = List.copyOf(pins);
  }

  /** The fit days as the jobs meet them. */
  public JobDays days() {
    return new JobDays(fit);
  }

  /**
   * A farm's open jobs and machines from a morning on, until the last window has closed and what
   * was given a later day had its time.
   */
  public static ScheduleProblem of(
      LocalDate today,
      List<Job> jobs,
      List<Machine> machines,
      List<Person> people,
      FitDays fit,
      List<Pin> pins) {
    return of(today, jobs, machines, people, Roads.none(), fit, pins);
  }

  /** The same on a farm with roads between its places. */
  public static ScheduleProblem of(
      LocalDate today,
      List<Job> jobs,
      List<Machine> machines,
      List<Person> people,
      Roads roads,
      FitDays fit,
      List<Pin> pins) {
    Set<JobId> open = new HashSet<>();
    jobs.forEach(job -> open.add(job.id()));
    LocalDate end =
        jobs.stream().map(j -> j.window().end()).max(Comparator.naturalOrder()).orElse(today);
    LocalDate pinned =
        pins.stream()
            .filter(p -> open.contains(p.jobId()))
            .map(p -> p.start().plusDays(fit.figures().whole(LONGEST_JOB)))
            .max(Comparator.naturalOrder())
            .orElse(today);
    LocalDate last = pinned.isAfter(end) ? pinned : end;
    last = last.isAfter(fit.last()) ? fit.last() : last.isBefore(today) ? today : last;
    List<Job> ordered =
        jobs.stream().map(job -> held(job, machines, today)).sorted(CLOSING_FIRST).toList();
    return new ScheduleProblem(
        new Campaign(today, last, ordered, machines, people, roads),
        fit,
        underWay(ordered, pins, today));
  }

  /** A machine that is broken on this morning holds nothing: what it has begun is free to go. */
  private static Job held(Job job, List<Machine> machines, LocalDate today) {
    boolean holds =
        machines.stream()
            .anyMatch(
                m ->
                    job.begunOn().filter(m.id()::equals).isPresent()
                        && job.suits(m)
                        && !m.off().contains(today));
    return holds ? job : job.with(b -> b.begunOn(Optional.empty()));
  }

  /** What is under way stands where it is done, whatever place it was given before. */
  private static List<Pin> underWay(List<Job> jobs, List<Pin> pins, LocalDate today) {
    List<Pin> all = new ArrayList<>(pins);
    for (Job job : jobs) {
      job.begunOn()
          .ifPresent(
              machine -> {
                boolean locked =
                    pins.stream().anyMatch(p -> p.jobId().equals(job.id()) && p.locked());
                all.removeIf(p -> p.jobId().equals(job.id()));
                all.add(new Pin(job.id(), machine, today, locked));
              });
    }
    return all;
  }

  /** The same with other places given. */
  public ScheduleProblem pinned(List<Pin> others) {
    return of(
        campaign.first(),
        campaign.jobs(),
        campaign.machines(),
        campaign.people(),
        campaign.roads(),
        fit,
        others);
  }

  /** The same with one more place given, in place of the one that the job had. */
  public ScheduleProblem with(Pin pin) {
    List<Pin> all = new ArrayList<>(pins);
    all.removeIf(p -> p.jobId().equals(pin.jobId()));
    all.add(pin);
    return pinned(all);
  }

  /** The place that a job has been given. */
  public Optional<Pin> pin(JobId job) {
    return pins.stream().filter(p -> p.jobId().equals(job)).findFirst();
  }

  /** The jobs that have a place, each from its day on, the earlier first. */
  public List<Turn> given() {
    Map<JobId, Job> jobs = campaign.byId();
    Map<String, Machine> machines = new HashMap<>();
    campaign.machines().forEach(m -> machines.put(m.id(), m));
    return pins.stream()
        .filter(
            p ->
                jobs.containsKey(p.jobId())
                    && machines.containsKey(p.machineId())
                    && jobs.get(p.jobId()).suits(machines.get(p.machineId())))
        .sorted(
            Comparator.comparing(Pin::start).thenComparing(p -> jobs.get(p.jobId()), CLOSING_FIRST))
        .map(p -> Turn.on(p.jobId(), p.machineId()).from(p.start()).firmly(p.locked()))
        .toList();
  }

  /**
   * The list that people go by: the jobs that have a place, in the order of their days but without
   * the days; only what is locked keeps its own. Played on another morning it tells what keeping
   * the list means then.
   */
  public List<Turn> list() {
    Map<JobId, Job> jobs = campaign.byId();
    Map<JobId, Pin> places = new HashMap<>();
    pins.forEach(p -> places.put(p.jobId(), p));
    return given().stream()
        .map(t -> t.firm() ? t : listed(t, jobs.get(t.job()), places.get(t.job())))
        .toList();
  }

  /** The same list with the jobs that have no place, left out. */
  public Plan asItStands() {
    List<Turn> turns = new ArrayList<>(list());
    Set<JobId> placed = new HashSet<>();
    turns.forEach(turn -> placed.add(turn.job()));
    campaign.jobs().stream()
        .map(Job::id)
        .filter(job -> !placed.contains(job))
        .forEach(job -> turns.add(Turn.leftOut(job)));
    return new Plan(turns);
  }

  private Turn listed(Turn turn, Job job, Pin pin) {
    int wait = pin.waitDays().orElseGet(() -> heldBack(job, pin.start()));
    return Turn.on(turn.job(), turn.machine().orElseThrow()).waiting(wait);
  }

  /** A day that a person chose: not before it. */
  private int heldBack(Job job, LocalDate day) {
    LocalDate opens = new JobDays(fit).expected().opens(job).orElse(day);
    return (int) Math.max(0, Math.min(MOST_WAIT, ChronoUnit.DAYS.between(opens, day)));
  }
}
