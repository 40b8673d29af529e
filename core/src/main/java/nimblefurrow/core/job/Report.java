package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What was said of a job from the field. Example: Otis stopped on 4 October with 22 acres of it
 * done. It is not a log entry: a job that is over is written down there, with what was sown.
 *
 * @param by who said it, by name
 * @param day the day that it speaks of: agreed on, proposed, begun, stopped
 * @param machineId the machine that is or was at it
 * @param acres done so far, all in all, 0–50,000; only what stopped says so
 */
public record Report(
    JobId job,
    ReportKind kind,
    String by,
    LocalDate day,
    String machineId,
    Optional<Double> acres) {
  public Report {
    Limits.given("job", job);
    Limits.given("kind of report", kind);
    Limits.given("name", by);
    Limits.given("day", day);
    Limits.given("machine", machineId);
    acres.ifPresent(a -> Limits.within("acres done", a, 0, 50_000, Unit.ACRE));
    if (kind == ReportKind.STOPPED && acres.isEmpty()) {
      throw new OutOfRange("acres done", "say how many acres are done so far");
    }
  }
}
