package nimblefurrow.core.journal;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.journal.noted.Noted;

/**
 * A line of the journal: a fact, with when, where and by whom. Entries are never rewritten; one
 * that was wrong is taken out by a word after it.
 *
 * @param id the name that its writer gave it, by which it is kept once however often it is sent
 * @param link the crop or cover of the field's chain that it is of
 */
public record Entry(UUID id, UUID field, UUID link, Noted noted, Fact fact) {
  /** The day on which it was. */
  public LocalDate on() {
    return noted.day();
  }
}
