package nimblefurrow.core.journal;

import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;

/**
 * A stage of the cash crop seen in the field. Not a stage of a cover: stems are counted for that.
 *
 * @param stage that was just reached
 */
public record CropStageSeen(CropStage stage) implements Sighting {
  public CropStageSeen {
    Limits.given("stage", stage);
  }

  @Override
  public Of of() {
    return Of.CROP;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    setting.needsCrop();
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("crop stage seen");
  }

  @Override
  public String brief() {
    return "stage seen";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.cropStageSeen(this);
  }
}
