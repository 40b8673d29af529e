package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Reason;

/**
 * A job put on a machine and days.
 *
 * @param locked stays where a person put it
 * @param late ends after the window, which a person has accepted
 * @param fitChance chance that the first day is fit and the window open
 * @param why why here and not a day earlier
 */
public record Placement(
    JobId jobId,
    String machineId,
    List<DayWork> days,
    boolean locked,
    boolean late,
    double fitChance,
    Reason why) {

  /** First day of work. */
  public LocalDate start() {
    return days.get(0).date();
  }

  /** Last day of work. */
  public LocalDate finish() {
    return days.get(days.size() - 1).date();
  }
}
