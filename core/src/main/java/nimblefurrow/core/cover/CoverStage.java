package nimblefurrow.core.cover;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.quantity.Coded;

/** Stages of a cover by which it is rolled, sprayed or feared, in the order they come. */
public enum CoverStage implements Coded {
  JOINTING("jointing", "jointing"),
  BOOT("boot", "boot or bud"),
  HEADING("heading", "heading or first bloom"),
  FLOWERING("flowering", "flowering"),
  MILK("milk", "milk or early pod"),
  DOUGH("dough", "soft dough or flat pod"),
  VIABLE_SEED("viable_seed", "viable seed");

  private final String code;
  private final String words;

  CoverStage(String code, String words) {
    this.code = code;
    this.words = words;
  }

  /** Its column on the sheets of figures, for example "viable_seed". */
  @Override
  public String code() {
    return code;
  }

  /** The stage of a code; empty where the code is blank. */
  public static Optional<CoverStage> coded(String code) {
    return Arrays.stream(values()).filter(s -> s.code.equals(code)).findFirst();
  }

  /** The stage as a grower says it, for example "soft dough or flat pod". */
  public String words() {
    return words;
  }
}
