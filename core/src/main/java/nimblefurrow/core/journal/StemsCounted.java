package nimblefurrow.core.journal;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.journal.noted.Spot;
import nimblefurrow.core.practice.Eye;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.StemCount;

/**
 * Stems of one species looked at one by one: how many were past flowering. Example: 32 of 50 at
 * five spots, by an eye that is .04 too high, count as 30 of 50.
 *
 * @param species whose; empty in entries of a time before it was asked for
 * @param spots 1–100, {@code stems} up to 2,000, {@code past} no more than those
 * @param eye share by which the writer usually sees too many past, where the writer wants it off
 * @param where spot by spot; none where the phone did not know
 */
public record StemsCounted(
    Optional<String> species,
    int spots,
    int stems,
    int past,
    Optional<Double> eye,
    List<Spot> where)
    implements Sighting {
  public StemsCounted {
    new StemCount(spots, stems, past); // which refuses what cannot be
    where = List.copyOf(where);
  }

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    story.needsSown("stems can be counted once the cover is sown");
    Limits.given("species", species.orElse(null));
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(past + " of " + stems + " stems past flowering at " + spots + " spots");
  }

  @Override
  public String brief() {
    return "stems counted";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.stemsCounted(this);
  }

  /** The same count by an eye that usually sees such a share too many past. */
  public StemsCounted by(Optional<Double> seenTooMany) {
    return new StemsCounted(species, spots, stems, past, seenTooMany, where);
  }

  /** The count that all reckoning goes by: what the writer's eye sees too many is off. */
  public StemCount count() {
    return new StemCount(spots, stems, Eye.taken(past, stems, eye.orElse(null)));
  }
}
