package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.CanopyLight;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.LookSheet;

/** How much of a stick under a standing crop is lit, percent, by spot. */
public record LightRead(Readings readings) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.CROP;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    if (LeavesLost.full(setting.crop(), figures).isEmpty()) {
      throw new OutOfRange("crop", "light under the crop tells of corn and soybeans only");
    }
    ReadBySpot.super.mayFollow(story, setting, noted, figures);
  }

  @Override
  public String brief() {
    return "light seen";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.lightRead(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.CANOPY_LIGHT;
  }

  /** As a canopy that lets through such a share when it is full. */
  public CanopyLight canopy(double full) {
    return new CanopyLight(readings.dividedBy(100).values(), full);
  }
}
