package nimblefurrow.server.journal;

import nimblefurrow.core.quantity.Coded;

/** What a correction says of an entry. */
public enum CorrectionKind implements Coded {
  /** The entry was a mistake: it does not count. */
  WITHDRAWN("withdrawn"),
  /** It was none after all: it counts again. */
  RESTORED("restored");

  private final String code;

  CorrectionKind(String code) {
    this.code = code;
  }

  /** Its lasting name where it is kept. */
  @Override
  public String code() {
    return code;
  }
}
