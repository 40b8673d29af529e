package nimblefurrow.core.journal;

import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.scouting.LookSheet;

/**
 * Nitrogen for a cover to find, lb/ac.
 *
 * @param tested whether it was found in the soil; else it was spread
 */
public record NitrogenNoted(Readings readings, boolean tested) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public String brief() {
    return "nitrogen written down";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.nitrogenNoted(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.NITROGEN;
  }
}
