package nimblefurrow.core.cover;

import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * What people have seen of a cover in the field, and what it says of the forecast. {@code
 * CoverSeen.NOTHING} leaves all to the figures. Not the single counts, which the journal keeps.
 *
 * @param stages what is held of each species' stages; species without a count are absent
 * @param mat what clipped samples say of its growth
 * @param plants live plants per ft² counted, by species, 0–5,000 (stems for small grains from
 *     green-up); species that were not counted stand as their usual drilled rate does
 */
public record CoverSeen(
    Map<String, StageBelief> stages, MatBelief mat, Map<String, Double> plants) {
  /** Nothing seen yet. */
  public static final CoverSeen NOTHING = new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of());

  public CoverSeen {
    stages = Map.copyOf(stages);
    plants = Map.copyOf(plants);
    Limits.given("clipped samples", mat);
    plants.values().forEach(p -> Limits.within("plants", p, 0, 5000, Unit.PER_SQUARE_FOOT));
  }
}
