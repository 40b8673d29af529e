package nimblefurrow.server.planning;

import java.util.List;
import nimblefurrow.core.job.JobId;
import nimblefurrow.server.placement.StoredPlaces;
import nimblefurrow.server.platform.codes.Stored;

/** What was offered, as its row keeps it: no more than whoever takes a step of it needs. */
record StoredOffer(List<StoredStep> steps) implements Stored {
  /**
   * One step of it.
   *
   * @param loss dollars a year
   * @param gone jobs that come to stand nowhere
   */
  record StoredStep(double loss, StoredPlaces places, List<StoredJob> gone) implements Stored {
    List<JobId> left() {
      return gone.stream().map(StoredJob::job).toList();
    }
  }

  static StoredOffer of(Replanning.Offer offer) {
    return new StoredOffer(
        offer.steps().stream()
            .map(
                step ->
                    new StoredStep(
                        step.loss(),
                        StoredPlaces.of(step.pins()),
                        step.gone().stream().map(StoredJob::of).toList()))
            .toList());
  }
}
