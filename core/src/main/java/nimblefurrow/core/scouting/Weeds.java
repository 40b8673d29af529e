package nimblefurrow.core.scouting;

import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.quantity.Limits;

/**
 * How weedy a field is and with what. Not a list of species.
 *
 * @param load how many
 * @param kind which it has most of
 */
public record Weeds(WeedLoad load, WeedClass kind) {
  /** As many as usual, of all kinds. */
  public static final Weeds USUAL = new Weeds(WeedLoad.USUAL, WeedClass.MIXED);

  public Weeds {
    Limits.given("weeds", load);
    Limits.given("kind of weeds", kind);
  }

  /** The same kinds, so many of them. */
  public Weeds with(WeedLoad many) {
    return new Weeds(many, kind);
  }
}
