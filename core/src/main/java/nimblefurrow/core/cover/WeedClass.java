package nimblefurrow.core.cover;

import nimblefurrow.core.quantity.Coded;

/**
 * Which weeds a field has most of: a mat keeps small seeds down better than large ones and roots.
 */
public enum WeedClass implements Coded {
  /** Of all kinds. */
  MIXED("mixed"),
  /** Mostly small-seeded, as pigweeds and foxtails. */
  SMALL_SEEDED("small_seeded"),
  /** Mostly large-seeded or perennial. */
  LARGE_OR_PERENNIAL("large_or_perennial");

  private final String code;

  WeedClass(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
