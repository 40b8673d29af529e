package nimblefurrow.core.journal;

import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * A cover ended in one of the ways of termination: {@code new
 * Terminated(Optional.of(TerminationMethod.ROLL))}.
 *
 * @param way how; empty in entries of a time before it was asked for
 */
public record Terminated(Optional<TerminationMethod> way) implements Act {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("this cover is not logged as sown yet");
    TerminationMethod how = Limits.given("how it was ended", way.orElse(null));
    if (setting.organic() && how.usesHerbicide()) {
      throw new OutOfRange("how it was ended", "this field is organic: herbicide is ruled out");
    }
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(way.map(w -> "ended: " + w.words()).orElse("ended"));
  }

  @Override
  public String brief() {
    return way.map(TerminationMethod::done).orElse("ended");
  }

  @Override
  public boolean once() {
    return true;
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.terminated(this);
  }
}
