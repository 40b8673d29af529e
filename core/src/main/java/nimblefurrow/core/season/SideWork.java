package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * Goes over the field that belong to a sowing and are jobs of their own.
 *
 * @param discPasses shallow disc passes in all, 1–3, the last on the day of sowing; only where the
 *     cover is sown by them
 * @param slurryOver whether slurry goes over the sown ground
 * @param thickSlurry whether seed goes in slurry so thick that it stays on top
 * @param done the day on which an operation was done
 */
public record SideWork(
    int discPasses, boolean slurryOver, boolean thickSlurry, Map<Operation, LocalDate> done) {
  /** Two disc passes where the way in has them, and nothing else. */
  public static final SideWork USUAL = new SideWork(2, false, false, Map.of());

  public SideWork {
    Limits.within("disc passes", discPasses, 1, 3, Unit.NONE);
    done = Map.copyOf(done);
  }

  /** The day on which a go was done; empty while it is still to do. */
  public Optional<LocalDate> done(Operation step) {
    return Optional.ofNullable(done.get(step));
  }
}
