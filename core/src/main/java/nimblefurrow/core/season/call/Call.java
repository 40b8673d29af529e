package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.Reason;

/**
 * Something that needs a person now.
 *
 * @param fields keys of the fields concerned
 * @param by the day by which it matters
 */
public record Call(Kind kind, Reason says, Reason detail, List<UUID> fields, LocalDate by) {
  /** What the person is asked to do. */
  public enum Kind {
    CHOOSE_COVER,
    PLACE_SEEDING,
    LOG_WORK,
    DECIDE_END,
    PLACE_END,
    COUNT_STEMS,
    LOOK,
    RESEED,
    CHANGE_PLAN
  }
}
