package nimblefurrow.server.planning;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.board.Overnight.Standing;
import nimblefurrow.server.platform.codes.Stored;
import org.jspecify.annotations.Nullable;

/** How a job stood on a morning, as its row keeps it. */
record StoredStanding(StoredJob job, @Nullable LocalDate begins, double inWindow)
    implements Stored {
  static StoredStanding of(Standing standing) {
    return new StoredStanding(
        StoredJob.of(standing.job()), standing.begins().orElse(null), standing.inWindow());
  }

  Standing standing() {
    return new Standing(job.job(), Optional.ofNullable(begins), inWindow);
  }
}
