package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.Quadrats;

/** Frames of a cover clipped, dried and weighed. */
public record Clipped(Quadrats frames) implements Sighting {
  public Clipped {
    Limits.given("frames", frames);
  }

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("there is no sown cover to clip");
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(frames.dryGrams().size() + " frames clipped");
  }

  @Override
  public String brief() {
    return "clipped";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.clipped(this);
  }
}
