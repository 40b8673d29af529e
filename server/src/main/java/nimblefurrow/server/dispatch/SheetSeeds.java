package nimblefurrow.server.dispatch;

import java.util.List;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.server.cover.SeedNeeds;
import org.springframework.stereotype.Service;

/** The seed that goes along to so many acres of a job; none where nothing is sown. */
@Service
public class SheetSeeds {
  private final SeedNeeds desk;

  SheetSeeds(SeedNeeds desk) {
    this.desk = desk;
  }

  public List<SheetSeed> of(Board board, Job job, double acres) {
    if (job.id().operation() != Operation.SEED) {
      return List.of();
    }
    return desk.seed(board.season().day(), board.fieldOf().get(job.id())).stream()
        .map(
            m ->
                new SheetSeed(
                    m.name(),
                    m.bulkRate(),
                    SeedRate.poundsPerAcre(m.bulkRate()).over(Area.ofAcres(acres)).pounds()))
        .toList();
  }
}
