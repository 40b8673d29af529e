package nimblefurrow.core.cover;

/** Stages of a cover by which it is rolled, sprayed or feared, in the order they come. */
public enum CoverStage {
  JOINTING("jointing"),
  BOOT("boot or bud"),
  HEADING("heading or first bloom"),
  FLOWERING("flowering"),
  MILK("milk or early pod"),
  DOUGH("soft dough or flat pod"),
  VIABLE_SEED("viable seed");

  private final String words;

  CoverStage(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
