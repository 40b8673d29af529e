package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;

/**
 * An entry that is kept, but whose figures cannot be: it was written down before they were refused.
 * It is listed, and counts for nothing. Example: 51 of 50 stems.
 *
 * @param kind the lasting name of what it was meant to be
 * @param why its figures cannot be, in a sentence
 * @param what it was meant to say, {@code why} it cannot
 */
public record Unclear(String kind, String why) implements Sighting {

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    throw new OutOfRange("entry", why);
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(kind.replace('_', ' ') + ", which cannot be: " + why);
  }

  @Override
  public String brief() {
    return "unclear";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.unclear(this);
  }
}
