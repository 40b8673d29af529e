package nimblefurrow.core.job;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * What it costs to do a job on a day rather than on its best one, and what it costs never to do it,
 * for each acre. The cost may fall at first, where a job can be too early. Example: nothing until 1
 * October, then $2 an acre for each day, $60 when the field stays bare.
 *
 * @param points days with their cost, in order; straight lines between, level outside
 * @param lost cost of an acre that is never done; no less than any point's
 * @param moves whether its days move with a year whose crop is early or late, as a roller's do;
 *     what ends by the calendar's heat does not
 */
public record WorkValue(List<Point> points, Money lost, boolean moves) {
  /** What an acre done on a day has cost by waiting, or by haste. */
  public record Point(LocalDate day, Money perAcre) {}

  /** Of days that move with the year. */
  public WorkValue(List<Point> points, Money lost) {
    this(points, lost, true);
  }

  public WorkValue {
    Limits.given("cost of an acre never done", lost);
    points = points.stream().sorted(Comparator.comparing(Point::day)).toList();
    if (points.stream().anyMatch(p -> p.perAcre().value() > lost.value())) {
      throw new OutOfRange(
          "lost", "an acre never done costs no less than one done on the worst day");
    }
  }

  /** Every day is as good as another; only not to do it costs. */
  public static WorkValue anyDay(Money lost) {
    return new WorkValue(List.of(), lost);
  }

  /** Dollars for an acre done on a day. */
  public double dollarsOn(LocalDate day) {
    if (points.isEmpty()) {
      return 0;
    }
    Point before = points.get(0);
    for (Point after : points) {
      if (!after.day().isBefore(day)) {
        double span = ChronoUnit.DAYS.between(before.day(), after.day());
        double gone = Math.max(0, ChronoUnit.DAYS.between(before.day(), day));
        double rise = after.perAcre().value() - before.perAcre().value();
        return before.perAcre().value() + (span == 0 ? (gone > 0 ? rise : 0) : rise * gone / span);
      }
      before = after;
    }
    return before.perAcre().value();
  }
}
