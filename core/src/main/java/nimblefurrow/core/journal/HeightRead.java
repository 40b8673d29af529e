package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.scouting.LookSheet;

/** How tall a cover stands, in, by spot. */
public record HeightRead(Readings readings) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsLiving();
    ReadBySpot.super.mayFollow(story, setting, noted, figures);
  }

  @Override
  public String brief() {
    return "height measured";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.heightRead(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.HEIGHT;
  }
}
