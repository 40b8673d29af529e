package nimblefurrow.server.journal;

import java.util.Arrays;

/** What a correction says of an entry. */
public enum CorrectionKind {
  /** The entry was a mistake: it does not count. */
  WITHDRAWN("withdrawn"),
  /** It was none after all: it counts again. */
  RESTORED("restored");

  private final String code;

  CorrectionKind(String code) {
    this.code = code;
  }

  /** Its lasting name where it is kept. */
  String code() {
    return code;
  }

  static CorrectionKind coded(String code) {
    return Arrays.stream(values()).filter(k -> k.code.equals(code)).findFirst().orElseThrow();
  }
}
