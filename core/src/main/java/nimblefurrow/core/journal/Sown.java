package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;

/** A cover sown, by whatever way is planned; acres, pounds and the lot stand with the entry. */
public record Sown() implements Act {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    setting.needsCover();
    if (story.sown().isPresent()) {
      throw new OutOfRange("cover", "this cover is logged as sown already");
    }
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("sown");
  }

  @Override
  public String brief() {
    return "sown";
  }

  @Override
  public boolean once() {
    return true;
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.sown(this);
  }
}
