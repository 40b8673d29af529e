package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;

/**
 * A stage seen in the field on a day. Every later date of that field follows it.
 *
 * @param beyond how far past the stage the crop was: °F-days for what ripens by heat, days for
 *     soybeans; 0: just there
 */
public record Observation(CropStage stage, LocalDate seen, double beyond) {
  /** A stage that was just reached. */
  public Observation(CropStage stage, LocalDate seen) {
    this(stage, seen, 0);
  }

  public Observation {
    Limits.given("stage", stage);
    Limits.given("date seen", seen);
  }
}
