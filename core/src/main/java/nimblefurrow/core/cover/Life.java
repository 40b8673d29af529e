package nimblefurrow.core.cover;

/** Whether a cover lives on in spring, or what ends it before. */
public enum Life {
  /** Lives through most winters and ends in its second summer. */
  WINTER,
  /** Lives through winter and on for years. */
  PERENNIAL,
  /** Grows in cool weather; hard frost ends it. */
  WINTER_KILLED,
  /** Grows in summer heat; the first frost ends it. */
  WARM
}
