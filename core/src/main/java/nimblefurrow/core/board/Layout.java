package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Held;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Run;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.yard.Machine;

/**
 * A plan laid out on the hours that may be counted on: where each job falls, and why those that
 * find no place have none. It is the evaluator's play of one year, told for a board.
 */
public final class Layout {
  /**
   * Of jobs in vain one in four makes way at a time, so that what fits without them is not lost.
   */
  private static final int ONE_OF = 4;

  private static final int MOST_ROUNDS = 40;

  private final ScheduleProblem problem;
  private final Evaluator evaluator;
  private final Map<JobId, Job> jobs;

  /** Lays plans of a problem out. */
  public Layout(ScheduleProblem problem) {
    this.problem = problem;
    this.evaluator =
        new Evaluator(
            problem.campaign(), List.of(problem.days().expected()), problem.fit().figures());
    this.jobs = problem.campaign().byId();
  }

  /**
   * The jobs of a plan on their days. One that would not be done before its window closes gets no
   * place and leaves its hours to others, unless a person has given it a day.
   */
  public Schedule of(Plan plan) {
    Plan left = plan;
    List<Run> inVain = inVain(left, evaluator.play(left, 0, true).byJob());
    for (int round = 0; round < MOST_ROUNDS && !inVain.isEmpty(); round++) {
      int some = (inVain.size() + ONE_OF - 1) / ONE_OF;
      left = left.without(inVain.stream().limit(some).map(Run::job).collect(Collectors.toSet()));
      inVain = inVain(left, evaluator.play(left, 0, true).byJob());
    }
    return asPlayed(plan, left);
  }

  /**
   * The same, but nobody gets the hours of jobs that are not finished: enough to say why those
   * without a place have none.
   */
  public Schedule roughly(Plan plan) {
    return asPlayed(plan, plan);
  }

  /**
   * @param plan what was asked
   * @param left the same without the jobs that were found to be in vain
   */
  private Schedule asPlayed(Plan plan, Plan left) {
    Map<JobId, Run> runs = evaluator.play(left, 0, true).byJob();
    Map<JobId, Run> asked = left == plan ? runs : evaluator.play(plan, 0, true).byJob();
    Set<JobId> given = given(plan);
    List<Run> missed = new ArrayList<>();
    Map<JobId, Run> free = given.isEmpty() ? runs : evaluator.play(left.freed(), 0, true).byJob();
    List<Placement> placed = new ArrayList<>();
    for (Turn turn : plan.turns()) {
      Run run = runs.get(turn.job());
      if (run.done() || given.contains(run.job()) && !run.days().isEmpty()) {
        placed.add(placement(run, free.get(run.job())));
      } else {
        missed.add(run.cause() == Held.LEFT_OUT ? asked.get(run.job()) : run);
      }
    }
    placed.sort(Comparator.comparing(Placement::start).thenComparing(Placement::jobId));
    return new Schedule(placed, missed.stream().map(this::unplaced).toList());
  }

  /** The jobs that take hours from others and are not finished in their windows, in their order. */
  private static List<Run> inVain(Plan plan, Map<JobId, Run> runs) {
    Set<JobId> given = given(plan);
    return plan.turns().stream()
        .filter(t -> !given.contains(t.job()))
        .map(t -> runs.get(t.job()))
        .filter(run -> !run.days().isEmpty() && !run.done())
        .toList();
  }

  private static Set<JobId> given(Plan plan) {
    return plan.turns().stream()
        .filter(t -> t.given().isPresent())
        .map(Turn::job)
        .collect(Collectors.toSet());
  }

  private Placement placement(Run run, Run free) {
    Job job = jobs.get(run.job());
    LocalDate start = run.begins().orElseThrow();
    LocalDate finish = run.days().get(run.days().size() - 1).date();
    Optional<Pin> pin = problem.pin(job.id());
    boolean locked = pin.map(Pin::locked).orElse(false);
    return new Placement(
        job.id(),
        run.machine().orElseThrow(),
        run.days(),
        locked,
        finish.isAfter(job.window().end()),
        problem.days().chanceOpen(job, start),
        why(run, free, pin));
  }

  /** Why not a day earlier: of a day that was only planned, what would hold the job without it. */
  private static Reason why(Run run, Run free, Optional<Pin> pin) {
    LocalDate start = run.begins().orElseThrow();
    if (pin.isEmpty() || !pin.get().start().equals(start)) {
      return run.held();
    }
    if (pin.get().locked()) {
      return Reason.of("locked here by hand");
    }
    return free.begins()
        .filter(start::isAfter)
        .map(sooner -> Reason.of("placed here, though it could begin on {}", sooner))
        .orElse(free.held());
  }

  private Unplaced unplaced(Run run) {
    Job job = jobs.get(run.job());
    Campaign campaign = problem.campaign();
    List<Machine> able = campaign.able(job);
    LocalDate end = job.window().end();
    Optional<LocalDate> opens = problem.days().expected().opens(job);
    if (able.isEmpty() && job.onlyOn().isPresent()) {
      return new Unplaced(
          job.id(), Reason.of("its machine is not on the farm any more: give it another"));
    }
    if (able.isEmpty()) {
      return new Unplaced(job.id(), Reason.of("no machine on the farm can {}", job.kind().words()));
    }
    if (end.isBefore(campaign.first())) {
      return new Unplaced(
          job.id(), Reason.of("its window closed; drop it on a day to accept it as late"));
    }
    if (opens.isEmpty() || opens.get().isAfter(end)) {
      return new Unplaced(
          job.id(), Reason.of("its window most likely opens only after it closes on {}", end));
    }
    LocalDate from = opens.get().isAfter(campaign.first()) ? opens.get() : campaign.first();
    if (able.stream().allMatch(m -> bookedOutside(m, from, end))) {
      return new Unplaced(
          job.id(), Reason.of("no machine for it can be had from {} to {}", from, end));
    }
    if (run.days().isEmpty() && (waits(run) || nobody(able, from, end))) {
      return new Unplaced(job.id(), run.held());
    }
    double hours = job.hoursOn(able.get(0));
    return new Unplaced(
        job.id(), Reason.of("needs {} h; the fit hours left before {} do not hold it", hours, end));
  }

  /** Whether a job has no place since the one before it has none. */
  private static boolean waits(Run run) {
    return run.cause() == Held.BEFORE_LOST
        || run.cause() == Held.BEFORE_UNDONE
        || run.cause() == Held.LAG_OVER;
  }

  /** Whether all who may drive what can do it are away for all of a time. */
  private boolean nobody(List<Machine> able, LocalDate from, LocalDate end) {
    Map<String, Set<LocalDate>> off = new HashMap<>();
    problem.campaign().people().forEach(p -> off.put(p.name(), p.off()));
    return able.stream()
        .allMatch(
            m ->
                !m.drivers().isEmpty()
                    && m.drivers().stream()
                        .allMatch(
                            d ->
                                from.datesUntil(end.plusDays(1))
                                    .allMatch(day -> off.getOrDefault(d, Set.of()).contains(day))));
  }

  private static boolean bookedOutside(Machine machine, LocalDate from, LocalDate end) {
    return from.datesUntil(end.plusDays(1))
        .noneMatch(
            day ->
                !machine.off().contains(day)
                    && (machine.booked().isEmpty() || machine.booked().contains(day)));
  }
}
