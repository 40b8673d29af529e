package nimblefurrow.core.board;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Unplaced;

/** Jobs on machines and days, and those that found no place. */
public record Schedule(List<Placement> placed, List<Unplaced> unplaced) {
  public Schedule {
    placed = List.copyOf(placed);
    unplaced = List.copyOf(unplaced);
  }

  /** Where a job stands; empty where it has no place. */
  public Optional<Placement> of(JobId jobId) {
    return placed.stream().filter(p -> p.jobId().equals(jobId)).findFirst();
  }
}
