package nimblefurrow.core.board;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * About when on a day somebody is to be in the field: a job that begins when half of a drill's nine
 * hours are over, and takes two, from 12:30 to 14:30. To the quarter of an hour, by the farm's
 * clock. On a day that is fit in six years of ten, 5.4 of nine hours are counted on: two hours of
 * work are told as three and a quarter by the clock, since nobody knows which of them will do, and
 * the next job begins where this one ends. Told of the days just ahead alone; a plan decides turns,
 * and further off only the day is worth telling.
 */
public record WorkHours(LocalDateTime begins, LocalDateTime ends) {
  private static final FigureKey DAY_BEGINS = FigureKey.of("work", "day_begins");
  private static final FigureKey TOLD_DAYS = FigureKey.of("work", "hours_told");
  private static final long QUARTER = 15;

  /**
   * The hours of a day's work.
   *
   * @param wholeDay hours of a working day of its kind, 1–20
   * @param counted those of them that may be counted on; none where a person gave it a day that is
   *     not fit, whose hours are then told as they are
   * @return empty for a day that is too far ahead
   */
  public static Optional<WorkHours> of(
      DayWork work, double wholeDay, double counted, LocalDate today, Figures figures) {
    Limits.within("working day", wholeDay, 1, 20, Unit.HOUR);
    Limits.within("hours to count on", counted, 0, wholeDay, Unit.HOUR);
    if (!work.date().isBefore(today.plusDays(figures.whole(TOLD_DAYS)))) {
      return Optional.empty();
    }
    LocalDateTime morning =
        work.date().atStartOfDay().plus(Durations.hours(figures.of(DAY_BEGINS)));
    LocalDateTime begins = morning.plus(quarters(work.from() * wholeDay));
    double stretch = counted > 0 ? wholeDay / counted : 1;
    Duration takes = quarters(work.hours() * stretch);
    return Optional.of(
        new WorkHours(begins, begins.plus(takes.isZero() ? Duration.ofMinutes(QUARTER) : takes)));
  }

  private static Duration quarters(double hours) {
    return Duration.ofMinutes(QUARTER * Math.round(hours * 60 / QUARTER));
  }
}
