package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.SampleMean;

/**
 * How much of the ground is green, percent, by spot.
 *
 * @param photo whether it was told from photos, not by eye
 */
public record GroundCoverRead(Readings readings, boolean photo) implements ReadBySpot {

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
    return "ground cover judged";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.groundCoverRead(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.GROUND_COVER;
  }

  /** As shares, 0–1. */
  public SampleMean shares() {
    return readings.dividedBy(100);
  }
}
