package nimblefurrow.core.job;

import java.util.Comparator;
import java.util.UUID;
import nimblefurrow.core.quantity.Limits;

/**
 * Names a job and stays the same while the plan does: which link of the field's chain, and what is
 * done to it. Two plans speak of the same job when these are equal; it is never written as one word
 * and taken apart again.
 *
 * @param cover the cover's link in the field's chain; the crop's where it is harvested; of other
 *     work its own name
 */
public record JobId(UUID cover, Operation operation) implements Comparable<JobId> {
  private static final Comparator<JobId> ORDER =
      Comparator.comparing(JobId::cover).thenComparing(JobId::operation);

  public JobId {
    Limits.given("cover", cover);
    Limits.given("operation", operation);
  }

  @Override
  public int compareTo(JobId other) {
    return ORDER.compare(this, other);
  }
}
