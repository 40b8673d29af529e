package nimblefurrow.core.cover;

import nimblefurrow.core.quantity.Coded;

/**
 * Which weeds a field has most of: a mat keeps small seeds down better than large ones and roots.
 */
public enum WeedClass implements Coded {
  MIXED("mixed", "of all kinds"),
  SMALL_SEEDED("small_seeded", "mostly small-seeded, as pigweeds and foxtails"),
  LARGE_OR_PERENNIAL("large_or_perennial", "mostly large-seeded or perennial");

  private final String code;
  private final String words;

  WeedClass(String code, String words) {
    this.code = code;
    this.words = words;
  }

  @Override
  public String code() {
    return code;
  }

  /** As it is said. */
  public String words() {
    return words;
  }
}
