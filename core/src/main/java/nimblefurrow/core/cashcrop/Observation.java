package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;

/** A stage seen in the field on a day. Every later date of that field follows it. */
public record Observation(CropStage stage, LocalDate seen) {
  public Observation {
    Limits.given("stage", stage);
    Limits.given("date seen", seen);
  }
}
