package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * What a cover comes after, or gives way to: a crop, or ground that a cut has freed.
 *
 * @param link the crop's link, or the cut's
 * @param starts the day of planting, or the day from which the ground is free
 * @param freed whether a cut has freed it, so that no crop stands
 * @param cropCut the day on which the crop itself is cut for forage; empty where it is not
 */
public record Ground(UUID link, LocalDate starts, boolean freed, Optional<LocalDate> cropCut) {
  Ground cutOn(LocalDate day) {
    return new Ground(link, starts, freed, Optional.of(day));
  }
}
