package nimblefurrow.core.schedule;

/** The kinds of machine that do a job, one job kind each. */
public enum MachineKind {
  DRILL("drill"),
  INTERSEEDER("interseed"),
  AIRPLANE("fly seed by airplane"),
  DRONE("fly seed by drone"),
  ROLLER("roll and crimp"),
  SPRAYER("spray"),
  PLANTER("plant green");

  private final String words;

  MachineKind(String words) {
    this.words = words;
  }

  /** What the machine does, as on a day sheet. */
  public String words() {
    return words;
  }
}
