package nimblefurrow.core.cover;

import java.util.Optional;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.SoilTexture;

/**
 * What the field gives a cover to grow with. {@code StandConditions.ENOUGH} is enough water and
 * nitrogen. Not the weather, and not what was seen of the cover.
 *
 * @param soil whose root zone it drinks from; empty: it is never short of water
 * @param nitrogenLbAc nitrogen that it finds, lb/ac, 0–400; empty: it is never short of it
 */
public record StandConditions(Optional<SoilTexture> soil, Optional<Double> nitrogenLbAc) {
  /** Enough of everything. */
  public static final StandConditions ENOUGH =
      new StandConditions(Optional.empty(), Optional.empty());

  public StandConditions {
    nitrogenLbAc.ifPresent(n -> Limits.within("nitrogen", n, 0, 400, Unit.POUND_PER_ACRE));
  }

  /** Growing on a soil, with nothing else known. */
  public static StandConditions on(SoilTexture soil) {
    return new StandConditions(Optional.of(soil), Optional.empty());
  }
}
