package nimblefurrow.core.termination;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.quantity.Limits;

/** The cash crop that follows the cover, and the day on which the farm means to plant it. */
public record NextCrop(CropKind kind, LocalDate planned) {
  public NextCrop {
    Limits.given("next crop", kind);
    Limits.given("planned planting date", planned);
  }
}
