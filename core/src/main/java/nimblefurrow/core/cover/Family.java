package nimblefurrow.core.cover;

import nimblefurrow.core.quantity.Coded;

/** What kind of plant a cover is, as far as it changes a rule. */
public enum Family implements Coded {
  GRASS("grass"),
  LEGUME("legume"),
  BRASSICA("brassica"),
  BROADLEAF("broadleaf");

  private final String code;

  Family(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
