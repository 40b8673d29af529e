package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.Limits;

/**
 * One link of a field's years, in its place among the others: a crop planted on a day, a cover, or
 * the cut of what stands. Example: beans, rye, a forage cut on 12 May, sorghum. Not what is sown;
 * whoever owns the link knows that by its id.
 *
 * @param starts the day of planting, or of the cut as it is meant; of a cover it is not asked
 * @param zone of a cover: the one zone that it is sown in; empty: the whole field
 * @param gone of a cover: the day on which it was cut or ended as far as is written down
 */
public record ChainLink(
    UUID id, Kind kind, LocalDate starts, Optional<UUID> zone, Optional<LocalDate> gone) {
  /** What a link is. */
  public enum Kind {
    CROP,
    COVER,
    /** A forage cut, or the end of a cover, after which another cover follows. */
    CUT
  }

  public ChainLink {
    Limits.given("link", id);
    Limits.given("kind of link", kind);
    Limits.given("first day", starts);
    Limits.given("zone", zone);
    Limits.given("day gone", gone);
  }

  /** Whether it belongs to a place of the field: what is for all of it does, or for that zone. */
  boolean in(Optional<UUID> place) {
    return zone.isEmpty() || zone.equals(place);
  }
}
