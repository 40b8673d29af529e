package nimblefurrow.core.season.look;

import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Reason;

/**
 * Something to look at in a field, and what it could change. Example: a count of rye stems can move
 * the roller by 6 days. Not an order: what is worth most is told first, and nobody has to go.
 *
 * @param kind what is looked at
 * @param species whose; empty where it is the whole stand
 * @param says what it could change
 * @param worth share of what is decided that the look could change, 0–1
 */
public record Look(Kind kind, Optional<Species> species, Reason says, double worth) {
  /** What a person can look at. */
  public enum Kind {
    STEMS("Count stems"),
    CLIP("Clip"),
    STAND("Count the stand"),
    WINTER("See what the winter killed"),
    HEIGHT("Measure the height"),
    COVER("Judge the ground cover"),
    LIGHT("See the light under the crop"),
    SOIL("Feel the soil"),
    RUTS("Measure ruts"),
    WEEDS("Score the weeds"),
    PESTS("Look for pests"),
    KILL("Rate the kill"),
    NITROGEN("Write down nitrogen");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** What to do, as it is said. */
    public String words() {
      return words;
    }
  }
}
