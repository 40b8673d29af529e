package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;

/**
 * A cover cut to make room for the next cover. Not hay before a cash crop: that is a way of
 * termination, {@link Terminated}.
 */
public record CutForForage() implements Act {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("this cover is not logged as sown yet");
    if (!setting.cutPlanned()) {
      throw new OutOfRange(
          "cover", "a cut after which another cover follows: put it into the field's chain first");
    }
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("cut for forage");
  }

  @Override
  public String brief() {
    return "cut for forage";
  }

  @Override
  public boolean once() {
    return true;
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.cutForForage(this);
  }
}
