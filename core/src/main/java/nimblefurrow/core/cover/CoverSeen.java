package nimblefurrow.core.cover;

import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;

/**
 * What people have seen of a cover in the field, and what it says of the forecast. {@code
 * CoverSeen.NOTHING} leaves all to the figures. Not the single counts, which the journal keeps.
 *
 * @param stages what is held of each species' stages; species without a count are absent
 * @param mat what clipped samples say of its growth
 * @param plants live plants per ft² counted, by species, 0–5,000 (stems for small grains from
 *     green-up); species that were not counted stand as their usual drilled rate does
 * @param tall its height against the figures', as measured, 0.1–5; 1: as tall as the figures say
 * @param rutted whether ruts were found that a roller rides over
 * @param thin share of the spots counted last in which the stand is poor; all of them where nobody
 *     counted
 */
public record CoverSeen(
    Map<String, StageBelief> stages,
    MatBelief mat,
    Map<String, Double> plants,
    double tall,
    boolean rutted,
    Share thin) {
  /** Nothing seen yet. */
  public static final CoverSeen NOTHING = new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of());

  /** Stages, weight and plants only. */
  public CoverSeen(Map<String, StageBelief> stages, MatBelief mat, Map<String, Double> plants) {
    this(stages, mat, plants, 1, false, Share.of(1));
  }

  /** The same, so much taller than the figures say. */
  public CoverSeen standing(double height) {
    return new CoverSeen(stages, mat, plants, height, rutted, thin);
  }

  /** The same, with ruts or without. */
  public CoverSeen rutted(boolean ruts) {
    return new CoverSeen(stages, mat, plants, tall, ruts, thin);
  }

  /** The same, poor on a share of the ground. */
  public CoverSeen thin(Share poor) {
    return new CoverSeen(stages, mat, plants, tall, rutted, poor);
  }

  public CoverSeen {
    Limits.within("height against the figures'", tall, 0.1, 5, Unit.NONE);
    stages = Map.copyOf(stages);
    plants = Map.copyOf(plants);
    Limits.given("clipped samples", mat);
    plants.values().forEach(p -> Limits.within("plants", p, 0, 5000, Unit.PER_SQUARE_FOOT));
  }
}
