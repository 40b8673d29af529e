package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;

/**
 * A disc pass over the stubble before seed is spread on it. Not tillage that ends a cover: that is
 * {@link Terminated}.
 */
public record Disced() implements Act {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    setting.needsCover();
    if (story.sown().isPresent()) {
      throw new OutOfRange("cover", "this cover is sown: disc passes come before");
    }
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("disced");
  }

  @Override
  public String brief() {
    return "disced";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.disced(this);
  }
}
