package nimblefurrow.core.journal.noted;

import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * What the field's chain has where a fact is written down; all of it is planned, nothing done.
 *
 * @param coverChosen whether a cover follows the crop
 * @param cutPlanned whether that cover is cut to make room for another
 * @param crop that stands; free ground where a cut has freed it
 */
public record Setting(boolean coverChosen, boolean cutPlanned, boolean organic, CropKind crop) {
  public void needsCover() {
    if (!coverChosen) {
      throw new OutOfRange("cover", "choose a cover for this field first");
    }
  }

  public void needsCrop() {
    if (crop == CropKind.FREE_GROUND) {
      throw new OutOfRange("crop", "no crop stands here: a cut has freed the ground");
    }
  }
}
