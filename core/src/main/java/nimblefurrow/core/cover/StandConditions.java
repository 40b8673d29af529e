package nimblefurrow.core.cover;

import java.util.Optional;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.SoilTexture;

/**
 * What the field gives a cover to grow with. {@code StandConditions.ENOUGH} is enough water and
 * nitrogen. Not the weather, and not what was seen of the cover.
 *
 * @param soil whose root zone it drinks from; empty: it is never short of water
 * @param nitrogenLbAc nitrogen that it finds, lb/ac, 0–400; empty: it is never short of it
 * @param seen what was read on its ground, whose rain it drinks
 */
public record StandConditions(
    Optional<SoilTexture> soil, Optional<Double> nitrogenLbAc, GroundSeen seen) {
  /** Enough of everything. */
  public static final StandConditions ENOUGH =
      new StandConditions(Optional.empty(), Optional.empty());

  /** Soil and nitrogen, and the station's rain. */
  public StandConditions(Optional<SoilTexture> soil, Optional<Double> nitrogenLbAc) {
    this(soil, nitrogenLbAc, GroundSeen.NOTHING);
  }

  public StandConditions {
    nitrogenLbAc.ifPresent(n -> Limits.within("nitrogen", n, 0, 400, Unit.POUND_PER_ACRE));
  }

  /** The same with so much nitrogen, lb/ac, 0–400; empty: never short of it. */
  public StandConditions fed(Optional<Double> nitrogen) {
    return new StandConditions(soil, nitrogen, seen);
  }

  /** The same with the rain that was read on its ground. */
  public StandConditions with(GroundSeen told) {
    return new StandConditions(soil, nitrogenLbAc, told);
  }

  /** Growing on a soil, with nothing else known. */
  public static StandConditions on(SoilTexture soil) {
    return new StandConditions(Optional.of(soil), Optional.empty());
  }
}
