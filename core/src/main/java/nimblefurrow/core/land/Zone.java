package nimblefurrow.core.land;

import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.SoilTexture;

/**
 * A named part of a field that behaves otherwise than the rest: a wet bottom, a sandy knob, the
 * corners outside a pivot. It is drawn, or said as a share of the field where nobody has drawn it.
 * What it does not say of its own is the field's. Not a field: it has the field's crops.
 *
 * @param drawn its outline, where it is drawn
 * @param share its share of the field, where it is not drawn
 * @param soil its own soil; empty: the field's
 * @param tiled whether drains lie under it; empty: as in the field
 */
public record Zone(
    String name,
    Optional<Boundary> drawn,
    Optional<Share> share,
    Optional<SoilTexture> soil,
    Optional<Boolean> tiled) {
  private static final int LONGEST_NAME = 40;

  public Zone {
    Limits.given("name of the zone", name);
    name = name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new OutOfRange(
          "name of the zone", "name of the zone has 1 to %d characters".formatted(LONGEST_NAME));
    }
    if (drawn.isPresent() == share.isPresent()) {
      throw new OutOfRange(
          "zone", "zone “%s” is either drawn or a share of its field".formatted(name));
    }
    share.ifPresent(Zone::partOfAField);
  }

  private static void partOfAField(Share share) {
    if (!(share.fraction() > 0 && share.fraction() < 1)) {
      throw new OutOfRange("share", "share of the field is more than 0 and less than 100 %");
    }
  }

  /** How much land it is, of a field so large. */
  public Area area(Area field) {
    return drawn
        .map(Boundary::area)
        .orElseGet(() -> Area.ofAcres(field.acres() * share.orElseThrow().fraction()));
  }
}
