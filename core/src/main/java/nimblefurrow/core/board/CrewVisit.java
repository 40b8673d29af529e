package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;

/**
 * What a hired crew comes for, against its terms. Example: 188 acres from 4 October on, 12 short of
 * the 200 that are paid for however few are done; to be called by 1 October; Ridge Eighty would
 * fill it.
 *
 * @param acres placed on it
 * @param first the first day; {@code callBy} the last day on which to call, empty where it has said
 *     to come
 * @param shortBy acres that are paid for and not done
 * @param toFill jobs that it could do as well and that would make up what is missing: those without
 *     a place first, then the ones that come nearest to it
 */
public record CrewVisit(
    Machine machine,
    Area acres,
    LocalDate first,
    Optional<LocalDate> callBy,
    Area shortBy,
    List<Job> toFill) {
  private static final int NAMED = 3;

  /** The visits of all hired crews that have work. */
  public static List<CrewVisit> of(ScheduleProblem problem, Schedule placed) {
    List<CrewVisit> visits = new ArrayList<>();
    for (Machine machine : problem.campaign().machines()) {
      machine.hire().flatMap(hire -> visit(problem, placed, machine, hire)).ifPresent(visits::add);
    }
    return visits;
  }

  private static Optional<CrewVisit> visit(
      ScheduleProblem problem, Schedule placed, Machine machine, Hire hire) {
    List<Placement> own =
        placed.placed().stream().filter(p -> p.machineId().equals(machine.id())).toList();
    Optional<LocalDate> first = own.stream().map(Placement::start).min(Comparator.naturalOrder());
    return first.map(
        day -> {
          double acres =
              own.stream().flatMap(p -> p.days().stream()).mapToDouble(DayWork::acres).sum();
          double missing = Math.max(0, hire.least().acres() - acres);
          return new CrewVisit(
              machine,
              Area.ofAcres(acres),
              day,
              machine.called().isPresent()
                  ? Optional.empty()
                  : Optional.of(day.minusDays(hire.noticeDays())),
              Area.ofAcres(missing),
              missing > 0 ? filling(problem, placed, machine, missing) : List.of());
        });
  }

  private static List<Job> filling(
      ScheduleProblem problem, Schedule placed, Machine machine, double missing) {
    return problem.campaign().jobs().stream()
        .filter(job -> job.suits(machine) && job.begunOn().isEmpty())
        .filter(
            job ->
                placed.of(job.id()).filter(p -> p.machineId().equals(machine.id())).isEmpty()
                    && problem.pin(job.id()).filter(Pin::locked).isEmpty())
        .sorted(
            Comparator.comparing((Job job) -> placed.of(job.id()).isPresent())
                .thenComparing(job -> job.area().acres() < missing)
                .thenComparing(job -> Math.abs(job.area().acres() - missing)))
        .limit(NAMED)
        .toList();
  }
}
