package nimblefurrow.core.schedule;

/** The kinds of machine that do a job, one job kind each; every way in has its own. */
public enum MachineKind {
  DRILL("drill"),
  PRECISION_PLANTER("sow with the planter"),
  BROADCAST_TILLAGE("broadcast and till in"),
  DISC_PASSES("spread by hand and disc"),
  BROADCAST("broadcast"),
  SLURRY("seed in slurry"),
  COMBINE_SEEDER("seed from the combine"),
  HARVEST_SPREADER("spread behind the combine"),
  INTERSEEDER("interseed"),
  ROW_AIR_SEEDER("air seed between rows"),
  AIRPLANE("fly seed by airplane"),
  HELICOPTER("fly seed by helicopter"),
  DRONE("fly seed by drone"),
  HIGH_CLEARANCE("spread over the crop"),
  FROST_SEEDING("frost seed"),
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
