package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.WeedLoad;

/** How much of the ground is under weeds, tenths, by spot. */
public record WeedsScored(Readings readings) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public String brief() {
    return "weeds scored";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.weedsScored(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.WEEDS;
  }

  /** How weedy that is. */
  public WeedLoad load(Figures figures) {
    return WeedLoad.of(mean().mean(), figures);
  }
}
