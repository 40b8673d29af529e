package nimblefurrow.core.journal;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.journal.noted.Spot;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.StandCount;

/**
 * Plants of one species counted after they came up.
 *
 * @param species whose; empty in entries of a time before it was asked for
 * @param where spot by spot; none where the phone did not know
 */
public record StandCounted(Optional<String> species, StandCount count, List<Spot> where)
    implements Sighting {
  public StandCounted {
    Limits.given("plants by spot", count);
    where = List.copyOf(where);
  }

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("a stand can be counted once the cover is sown");
    Limits.given("species", species.orElse(null));
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of("stand counted in " + count.plants().size() + " spots");
  }

  @Override
  public String brief() {
    return "stand counted";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.standCounted(this);
  }
}
