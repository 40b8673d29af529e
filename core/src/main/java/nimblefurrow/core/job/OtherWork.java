package nimblefurrow.core.job;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Person;

/**
 * Work of the farm's own that takes the machines and people that the covers want: haul 30 hours of
 * corn with the grain truck between 5 and 20 October, cut 40 acres of hay, spread manure before the
 * field is drilled. Not work of a cover, which comes from its season; and not days on which
 * somebody is away, see {@link Person}.
 *
 * @param what as the farm says it, for example "haul corn"
 * @param machineId the machine that does it
 * @param area how much land it is, up to 50,000 ac; empty: it is counted in hours
 * @param takes how long it takes, 0.25–400 h; empty: the machine's own rate tells
 * @param first the first day on which it can be done, {@code last} the last; 400 days at most
 * @param lost what it costs in all when it is never done, up to $1,000,000; empty: what the farm's
 *     figures say of an acre of it
 */
public record OtherWork(
    UUID id,
    String what,
    String machineId,
    Optional<Area> area,
    Optional<Duration> takes,
    LocalDate first,
    LocalDate last,
    Optional<Money> lost) {
  /** What is done by it, among the operations. */
  public static final Operation OPERATION = Operation.OTHER;

  private static final int LONGEST = 400;
  private static final double MOST_ACRES = 50_000;
  private static final double MOST_GOES = 10;

  /**
   * Checked, so that a job can be made of it.
   *
   * @throws OutOfRange naming what is missing or beyond its limit
   */
  public OtherWork {
    Limits.given("other work", id);
    Limits.given("machine", machineId);
    Limits.given("first day", first);
    Limits.given("last day", last);
    if (Limits.given("what", what).isBlank()) {
      throw new OutOfRange("what", "what is to be done is missing, as in “haul corn”");
    }
    if (area.isPresent() == takes.isPresent()) {
      throw new OutOfRange("acres", "say how many acres it is, or how many hours: one of the two");
    }
    area.ifPresent(a -> Limits.positive("acres", a.acres(), MOST_ACRES, Unit.ACRE));
    takes.ifPresent(t -> Limits.within("hours", Durations.inHours(t), 0.25, 400, Unit.HOUR));
    lost.ifPresent(l -> Limits.within("cost", l.value(), 0, 1_000_000, Unit.DOLLAR));
    if (last.isBefore(first) || last.isAfter(first.plusDays(LONGEST))) {
      throw new OutOfRange(
          "last day",
          "last day is %s to %s, got %s".formatted(first, first.plusDays(LONGEST), last));
    }
  }

  /**
   * Whether its last day is over, so that somebody has to say what became of it: hauling beans
   * until 24 October is overdue from the 25th on. It is no work of a later day by itself.
   */
  public boolean overdue(LocalDate today) {
    return last.isBefore(today);
  }

  /** Its name among jobs. */
  public JobId job() {
    return new JobId(id, OPERATION);
  }

  /**
   * The job that it is. Counted in hours it holds as many acres as its machine would work in them,
   * so that half of it done is half of them.
   *
   * @param grounds what it is done on
   */
  public Job on(Machine machine, List<Footing> grounds, Figures figures) {
    double worked = takes.map(t -> machine.rate().areaIn(Durations.inHours(t)).acres()).orElse(0.0);
    Area acres = area.orElseGet(() -> Area.ofAcres(Math.min(MOST_ACRES, worked)));
    // So many hours of a machine as fast as an airplane are more land than a job can be.
    double goes = Math.max(1, Math.min(MOST_GOES, worked / acres.acres()));
    JobWindow window = new JobWindow(DateForecast.certain(first), DateForecast.certain(last), last);
    WorkValue value =
        lost.map(l -> DayWorth.of(window, Money.of(l.value() / acres.acres()), figures))
            .orElseGet(() -> DayWorth.of(OPERATION, window, figures));
    return Job.of(job(), what, machine.kind(), acres, grounds, window)
        .with(j -> j.goes(goes).value(value).onlyOn(Optional.of(machineId)));
  }
}
