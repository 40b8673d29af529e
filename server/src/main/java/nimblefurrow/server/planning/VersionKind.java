package nimblefurrow.server.planning;

import nimblefurrow.core.quantity.Coded;

/** How a kept plan came to be. */
public enum VersionKind implements Coded {
  PLANNED("planned"),
  REPLANNED("replanned"),
  RESTORED("restored"),
  PUBLISHED("published");

  private final String code;

  VersionKind(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
