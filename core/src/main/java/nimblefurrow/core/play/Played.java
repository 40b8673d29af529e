package nimblefurrow.core.play;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Money;

/**
 * A plan played through one year.
 *
 * @param runs what became of each job, in the campaign's order
 * @param loss what the year lost: waiting, haste, acres never done, hire, road and overtime
 */
public record Played(List<Run> runs, Money loss) {
  public Played {
    runs = List.copyOf(runs);
  }

  /** Each job's run by its name. */
  public Map<JobId, Run> byJob() {
    return runs.stream().collect(Collectors.toMap(Run::job, run -> run));
  }
}
