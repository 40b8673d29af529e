package nimblefurrow.core.advice;

import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.seeding.SeedingMethod;

/** Why a species is not offered, by the way in that came nearest. */
public record WhyNot(Species species, SeedingMethod way, Kind kind, Reason reason) {
  /** What stands against it, in the order it is asked. */
  public enum Kind {
    ORGANIC,
    RESTRICTION,
    NO_WINDOW,
    METHOD,
    TOO_LATE,
    SOIL,
    NEXT_CROP,
    HOW_IT_DIES,
    METERING
  }
}
