package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Reason;

/**
 * What an entry of the journal says: something done ({@link Act}) or something seen ({@link
 * Sighting}). Example: {@code new Terminated(Route.ROLL)}. Not where, when and by whom: that is the
 * {@link Entry}'s. A fact holds only what its kind has; what it means for a season is worked out
 * from the {@link Story}.
 */
public sealed interface Fact permits Act, Sighting {
  /** Whose fact it is. */
  enum Of {
    /** The cash crop's, whatever is planned after it. */
    CROP,
    /** The cover's that is chosen after the crop. */
    COVER,
    /** The ground's: it goes with the cover where one is chosen, else with the crop. */
    GROUND
  }

  /** Whose it is. */
  Of of();

  /**
   * Whether it may be written down after all that is known already.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange saying what has to come before it, or which limit
   *     it leaves
   */
  void mayFollow(Story story, Setting setting, Noted noted, Figures figures);

  /** What it says, in a few words, as the logbook lists it: "rolled", "30 of 50 stems past". */
  Reason says(Figures figures);

  /** The same in a word or two, to stand at a day of the lane: "stems counted". */
  String brief();

  /** Whether one cover or crop can have it once only, as it is sown once and harvested once. */
  default boolean once() {
    return false;
  }

  /** Hands it to whoever has to tell the kinds apart; a new kind does not compile unread. */
  <T> T to(FactReader<T> reader);
}
