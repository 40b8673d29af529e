package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * What a job waits for.
 *
 * @param jobId the job before it
 * @param words that job as told to a person
 * @param leastDays days to wait after it ends, 0–400; 0 allows the same day
 * @param mostDays days by which the waiting job must have begun
 * @param done the day on which the job before was done; empty while it is still to do
 */
public record After(
    JobId jobId, String words, int leastDays, int mostDays, Optional<LocalDate> done) {
  /** The longest that anything waits. */
  public static final int MOST_DAYS = 400;

  public After {
    Limits.given("job before", jobId);
    Limits.within("wait", leastDays, 0, MOST_DAYS, Unit.DAY);
    Limits.within("longest wait", mostDays, leastDays, MOST_DAYS, Unit.DAY);
  }

  /** Something to do first, whenever that is over. */
  public static After whenever(Job first) {
    return new After(
        first.id(), first.field() + ", " + first.words(), 0, MOST_DAYS, Optional.empty());
  }

  /** First day for the job that waits. */
  public LocalDate notBefore(LocalDate ended) {
    return ended.plusDays(leastDays);
  }

  /** Last day for it to begin. */
  public LocalDate atLatest(LocalDate ended) {
    return ended.plusDays(mostDays);
  }
}
