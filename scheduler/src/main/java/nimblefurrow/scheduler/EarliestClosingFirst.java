package nimblefurrow.scheduler;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.work.DayWork;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.MachineDays;
import nimblefurrow.core.work.Pin;
import nimblefurrow.core.work.Placement;
import nimblefurrow.core.work.Schedule;
import nimblefurrow.core.work.SchedulePlanner;
import nimblefurrow.core.work.ScheduleProblem;
import nimblefurrow.core.work.Unplaced;

/**
 * The grower's own rule of thumb: the field that closes first goes first, each on the machine that
 * has it done soonest, on days with enough chance to be fit and open; what waits for another job
 * comes after it, with its wait. Pinned jobs keep their place.
 */
public final class EarliestClosingFirst implements SchedulePlanner {
  /**
   * What closes first goes first; of two that close on one day the smaller, since more fields are
   * done by it; then by name, so that equal farms are planned alike.
   */
  private static final Comparator<Job> TURN =
      Comparator.comparing((Job j) -> j.window().end())
          .thenComparing(Job::area)
          .thenComparing(Job::field)
          .thenComparing(Job::id);

  private static final double OPEN_ENOUGH = 0.5;

  @Override
  public Schedule plan(ScheduleProblem problem) {
    MachineDays machineDays = new MachineDays(problem.fit());
    List<Placement> placed = new ArrayList<>();
    List<Unplaced> unplaced = new ArrayList<>();
    Map<String, Machine> machines =
        problem.machines().stream().collect(Collectors.toMap(Machine::id, m -> m));
    Map<JobId, Pin> pins = new HashMap<>();
    problem.pins().forEach(p -> pins.put(p.jobId(), p));

    List<Job> open = new ArrayList<>();
    List<Job> kept = new ArrayList<>();
    for (Job job : problem.jobs()) {
      Pin pin = pins.get(job.id());
      Machine machine = pin == null ? null : machines.get(pin.machineId());
      (machine == null || machine.kind() != job.kind() ? open : kept).add(job);
    }
    kept.sort(Comparator.comparing((Job j) -> pins.get(j.id()).start()).thenComparing(TURN));
    for (Job job : kept) {
      Pin pin = pins.get(job.id());
      Machine machine = machines.get(pin.machineId());
      List<DayWork> days = machineDays.forced(job, machine, pin.start());
      Reason why =
          pin.locked()
              ? Reason.of("locked here by hand")
              : machineDays.whyNot(job, machine, pin.start().minusDays(1), problem.today());
      machineDays.take(job, machine, days);
      placed.add(placement(problem, job, machine, days, pin.locked(), why));
    }
    open.sort(TURN);
    while (!open.isEmpty()) {
      Job job = next(open);
      open.remove(job);
      Turn turn = new Turn(problem, machineDays, job, before(job, placed));
      place(turn).ifPresentOrElse(placed::add, () -> unplaced.add(unplaced(turn)));
    }
    placed.sort(Comparator.comparing(Placement::start).thenComparing(Placement::jobId));
    return new Schedule(placed, unplaced);
  }

  /** A job whose turn it is, and the day on which the job that it waits for ends, where it does. */
  private record Turn(
      ScheduleProblem problem, MachineDays days, Job job, Optional<LocalDate> before) {
    boolean waitsInVain() {
      return job.after().isPresent() && before.isEmpty();
    }

    LocalDate from() {
      LocalDate opens =
          job.window()
              .opens()
              .early()
              .filter(d -> d.isAfter(problem.today()))
              .orElse(problem.today());
      return before
          .map(b -> job.after().orElseThrow().notBefore(b))
          .filter(d -> d.isAfter(opens))
          .orElse(opens);
    }

    LocalDate startBy() {
      LocalDate end = job.window().end();
      return before
          .map(b -> job.after().orElseThrow().atLatest(b))
          .filter(d -> d.isBefore(end))
          .orElse(end);
    }
  }

  /** The first that waits for none of the others. */
  private static Job next(List<Job> open) {
    return open.stream()
        .filter(
            j ->
                j.after()
                    .filter(a -> open.stream().anyMatch(o -> o.id().equals(a.jobId())))
                    .isEmpty())
        .findFirst()
        .orElse(open.get(0));
  }

  private static Optional<LocalDate> before(Job job, List<Placement> placed) {
    return job.after()
        .flatMap(
            a ->
                a.done()
                    .or(
                        () ->
                            placed.stream()
                                .filter(p -> p.jobId().equals(a.jobId()))
                                .map(Placement::finish)
                                .findFirst()));
  }

  private static Optional<Placement> place(Turn turn) {
    ScheduleProblem problem = turn.problem();
    Job job = turn.job();
    if (turn.waitsInVain()) {
      return Optional.empty();
    }
    Machine best = null;
    List<DayWork> bestDays = null;
    for (Machine machine : ofKind(problem, job)) {
      Optional<List<DayWork>> days = soonest(turn, machine);
      if (days.isPresent() && (bestDays == null || finish(days.get()).isBefore(finish(bestDays)))) {
        best = machine;
        bestDays = days.get();
      }
    }
    if (best == null) {
      return Optional.empty();
    }
    LocalDate earlier = bestDays.get(0).date().minusDays(1);
    Reason why =
        turn.before().isPresent() && earlier.isBefore(turn.from())
            ? Reason.of("waits for {}, with its days between", job.after().orElseThrow().words())
            : turn.days().whyNot(job, best, earlier, problem.today());
    turn.days().take(job, best, bestDays);
    return Optional.of(placement(problem, job, best, bestDays, false, why));
  }

  private static Optional<List<DayWork>> soonest(Turn turn, Machine machine) {
    Job job = turn.job();
    for (LocalDate day = turn.from(); !day.isAfter(turn.startBy()); day = day.plusDays(1)) {
      if (job.window().opens().chanceBy(day).fraction() < OPEN_ENOUGH) {
        continue;
      }
      Optional<List<DayWork>> days = turn.days().tryFrom(job, machine, day, job.window().end());
      if (days.isPresent()) {
        return days;
      }
    }
    return Optional.empty();
  }

  private static Unplaced unplaced(Turn turn) {
    ScheduleProblem problem = turn.problem();
    Job job = turn.job();
    List<Machine> able = ofKind(problem, job);
    if (able.isEmpty()) {
      return new Unplaced(job.id(), Reason.of("no machine on the farm can {}", job.kind().words()));
    }
    if (turn.waitsInVain()) {
      return new Unplaced(
          job.id(),
          Reason.of("waits for {}, which has no place yet", job.after().orElseThrow().words()));
    }
    LocalDate end = job.window().end();
    if (end.isBefore(problem.today())) {
      return new Unplaced(
          job.id(), Reason.of("its window closed; drop it on a day to accept it as late"));
    }
    if (job.window().opens().chanceBy(end).fraction() < OPEN_ENOUGH) {
      return new Unplaced(
          job.id(), Reason.of("its window most likely opens only after it closes on {}", end));
    }
    if (able.stream().allMatch(m -> bookedOutside(m, turn))) {
      return new Unplaced(
          job.id(), Reason.of("no machine for it is booked from {} to {}", turn.from(), end));
    }
    double hours = job.hoursOn(able.get(0));
    return new Unplaced(
        job.id(), Reason.of("needs {} h; the fit hours left before {} do not hold it", hours, end));
  }

  private static boolean bookedOutside(Machine machine, Turn turn) {
    return !machine.booked().isEmpty()
        && machine.booked().stream()
            .allMatch(d -> d.isBefore(turn.from()) || d.isAfter(turn.job().window().end()));
  }

  private static List<Machine> ofKind(ScheduleProblem problem, Job job) {
    return problem.machines().stream().filter(m -> m.kind() == job.kind()).toList();
  }

  private static LocalDate finish(List<DayWork> days) {
    return days.get(days.size() - 1).date();
  }

  private static Placement placement(
      ScheduleProblem problem,
      Job job,
      Machine machine,
      List<DayWork> days,
      boolean locked,
      Reason why) {
    LocalDate start = days.get(0).date();
    double chance = problem.fit().chanceOpen(job, start);
    boolean late = finish(days).isAfter(job.window().end());
    return new Placement(job.id(), machine.id(), days, locked, late, chance, why);
  }
}
