package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import nimblefurrow.core.job.Doing;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.server.platform.web.Maybe;

/**
 * How a job stands by what was said from the field.
 *
 * @param under whether a machine is at it now
 * @param acresDone so far
 * @param agreed the day on which somebody has said to come
 * @param proposed the day asked for instead
 * @param last what was said last, and {@code by} whom
 */
public record DoingView(
    boolean under,
    double acresDone,
    @Maybe LocalDate agreed,
    @Maybe LocalDate proposed,
    ReportKind last,
    String by) {
  /** Null where nothing was said. */
  public static DoingView of(Doing doing) {
    return doing == null
        ? null
        : new DoingView(
            doing.on().isPresent(),
            doing.acresDone(),
            doing.agreed().orElse(null),
            doing.proposed().orElse(null),
            doing.last().kind(),
            doing.last().by());
  }
}
