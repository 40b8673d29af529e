package nimblefurrow.core.play;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Person;
import nimblefurrow.core.yard.Roads;

/**
 * What there is to do and who and what can do it, from a morning on. Not the weather: see {@link
 * WorkYear}. Not a plan either: see {@link Plan}.
 *
 * @param first the first day on which anything can be done
 * @param last the last; no more than two years later
 * @param people who may drive; a driver whom a machine names and who is not here is there always
 */
public record Campaign(
    LocalDate first,
    LocalDate last,
    List<Job> jobs,
    List<Machine> machines,
    List<Person> people,
    Roads roads) {
  private static final int MOST_DAYS = 731;

  public Campaign {
    Limits.given("first day", first);
    Limits.given("last day", last);
    if (last.isBefore(first) || ChronoUnit.DAYS.between(first, last) >= MOST_DAYS) {
      throw new OutOfRange(
          "last day", "last day is %s to %s, got %s".formatted(first, first.plusDays(730), last));
    }
    jobs = List.copyOf(jobs);
    machines = List.copyOf(machines);
    people = List.copyOf(people);
    unique("job", jobs, Job::id);
    unique("machine", machines, Machine::id);
    unique("driver", people, Person::name);
  }

  /** The same work with other jobs. */
  public Campaign with(List<Job> others) {
    return new Campaign(first, last, others, machines, people, roads);
  }

  /** The same work with other machines and people. */
  public Campaign with(List<Machine> rigs, List<Person> drivers) {
    return new Campaign(first, last, jobs, rigs, drivers, roads);
  }

  /** How many days it has. */
  public int days() {
    return (int) ChronoUnit.DAYS.between(first, last) + 1;
  }

  /**
   * The machines that can do a job, its first kind before the others; for one that is under way,
   * its machine alone.
   */
  public List<Machine> able(Job job) {
    if (job.begunOn().isPresent()) {
      return machines.stream().filter(m -> job.begunOn().get().equals(m.id())).toList();
    }
    return job.kinds().stream()
        .flatMap(kind -> machines.stream().filter(m -> m.kind() == kind && job.suits(m)))
        .toList();
  }

  /** Each job by its name. */
  public Map<JobId, Job> byId() {
    return jobs.stream().collect(Collectors.toMap(Job::id, job -> job));
  }

  private static <T> void unique(String what, List<T> all, Function<T, Object> name) {
    if (all.stream().map(name).distinct().count() != all.size()) {
      throw new IllegalArgumentException("two of one name: " + what);
    }
  }
}
