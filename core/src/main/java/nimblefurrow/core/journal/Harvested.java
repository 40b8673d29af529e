package nimblefurrow.core.journal;

import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;

/**
 * A cash crop brought in.
 *
 * @param yieldPerAcre in the crop's own unit, 0–1,000; empty where nobody wrote it down
 */
public record Harvested(Optional<Double> yieldPerAcre) implements Act {
  private static final double MOST_YIELD = 1000;

  @Override
  public Of of() {
    return Of.CROP;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    setting.needsCrop();
    yieldPerAcre.ifPresent(
        y -> Limits.within("yield", y, 0, MOST_YIELD, setting.crop().yieldUnit()));
    if (story.harvested().isPresent()) {
      throw new OutOfRange("crop", "this crop is logged as harvested already");
    }
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("harvested");
  }

  @Override
  public String brief() {
    return "harvested";
  }

  @Override
  public boolean once() {
    return true;
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.harvested(this);
  }
}
