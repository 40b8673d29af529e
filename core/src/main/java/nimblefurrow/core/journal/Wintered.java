package nimblefurrow.core.journal;

import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;

/**
 * Plants of one species looked at after the winter: how many of them live. Example: 12 of 50.
 *
 * @param species whose; empty in entries of a time before it was asked for
 * @param alive of those {@code looked} at, which are 1–2,000
 */
public record Wintered(Optional<String> species, int alive, int looked) implements Sighting {
  private static final int MOST = 2000;

  public Wintered {
    Limits.within("plants looked at", looked, 1, MOST, Unit.NONE);
    Limits.within("plants alive (of those looked at)", alive, 0, looked, Unit.NONE);
  }

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("there is no sown cover that could have wintered");
    Limits.given("species", species.orElse(null));
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(alive + " of " + looked + " alive");
  }

  @Override
  public String brief() {
    return "wintered";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.wintered(this);
  }

  /** Share that lives, 0–1. */
  public Share share() {
    return Share.of((double) alive / looked);
  }
}
