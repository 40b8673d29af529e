package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.board.WorkHours;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;

/**
 * A day's work of a job as it is told.
 *
 * @param road hours on the road before the first acre
 * @param fitChance % that the day is fit and the job's window open
 * @param begins about when by the farm's clock, {@code ends} too; null for a day too far ahead
 */
record DayView(
    LocalDate day,
    double hours,
    double acres,
    double road,
    int fitChance,
    @Maybe String driver,
    @Maybe LocalDateTime begins,
    @Maybe LocalDateTime ends) {
  static List<DayView> of(Board board, Job job, List<DayWork> days) {
    return days.stream().map(day -> of(board, job, day)).toList();
  }

  private static DayView of(Board board, Job job, DayWork day) {
    Optional<WorkHours> clock = board.clock(job, day);
    return new DayView(
        day.date(),
        day.hours(),
        day.acres(),
        day.road(),
        Percent.of(board.chance(job, day)),
        day.driver().orElse(null),
        clock.map(WorkHours::begins).orElse(null),
        clock.map(WorkHours::ends).orElse(null));
  }
}
