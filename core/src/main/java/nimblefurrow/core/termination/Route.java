package nimblefurrow.core.termination;

/** How a cover dies. */
public enum Route {
  EARLY_SPRAY("early spray, plant into the brown"),
  PLANT_GREEN("plant green, spray at planting"),
  ROLL("roll and crimp"),
  WINTER_KILL("winter-kill");

  private final String words;

  Route(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean usesHerbicide() {
    return this == EARLY_SPRAY || this == PLANT_GREEN;
  }
}
