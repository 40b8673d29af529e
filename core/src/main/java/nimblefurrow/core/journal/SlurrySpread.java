package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Reason;

/**
 * Slurry spread over seed that lies on the ground. Not slurry in which the seed itself was mixed:
 * that is a sowing.
 */
public record SlurrySpread() implements Act {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("slurry goes over seeded ground: log the sowing first");
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("slurry spread over the seed");
  }

  @Override
  public String brief() {
    return "slurry spread";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.slurrySpread(this);
  }
}
