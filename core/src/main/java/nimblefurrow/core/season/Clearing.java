package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;

/**
 * How and when a cover makes room for another one, before any cash crop is planted.
 *
 * @param day the day on which the farm means to do it
 */
public record Clearing(How how, LocalDate day) {
  /** Cut and hauled off as forage, or ended by the way chosen for it. */
  public enum How implements Coded {
    FORAGE_CUT("forage_cut", "cut for forage"),
    ENDED("ended", "ended");

    private final String code;
    private final String words;

    How(String code, String words) {
      this.code = code;
      this.words = words;
    }

    @Override
    public String code() {
      return code;
    }

    /** How it makes room, as told: "cut for forage". */
    public String words() {
      return words;
    }
  }

  public Clearing {
    Limits.given("how it makes room", how);
    Limits.given("day it makes room", day);
  }
}
