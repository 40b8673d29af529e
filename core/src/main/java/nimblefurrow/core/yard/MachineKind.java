package nimblefurrow.core.yard;

import nimblefurrow.core.quantity.Coded;

/** The kinds of machine that do a job, one job kind each; every way in has its own. */
public enum MachineKind implements Coded {
  DRILL("drill", "drill"),
  PRECISION_PLANTER("precision_planter", "sow with the planter"),
  BROADCAST_TILLAGE("broadcast_tillage", "broadcast and till in"),
  DISC_PASSES("disc_passes", "spread by hand and disc"),
  BROADCAST("broadcast", "broadcast"),
  SLURRY("slurry", "seed in slurry"),
  COMBINE_SEEDER("combine_seeder", "seed from the combine"),
  HARVEST_SPREADER("harvest_spreader", "spread behind the combine"),
  INTERSEEDER("interseeder", "interseed"),
  ROW_AIR_SEEDER("row_air_seeder", "air seed between rows"),
  AIRPLANE("airplane", "fly seed by airplane"),
  HELICOPTER("helicopter", "fly seed by helicopter"),
  DRONE("drone", "fly seed by drone"),
  HIGH_CLEARANCE("high_clearance", "spread over the crop"),
  FROST_SEEDING("frost_seeding", "frost seed"),
  ROLLER("roller", "roll and crimp"),
  SPRAYER("sprayer", "spray"),
  PLANTER("planter", "plant green"),
  TILLAGE("tillage", "till in"),
  MOWER("mower", "mow"),
  COMBINE("combine", "combine the crop"),
  CHOPPER("chopper", "chop the silage"),
  OTHER("other", "other work");

  private final String code;
  private final String words;

  MachineKind(String code, String words) {
    this.code = code;
    this.words = words;
  }

  /** Its name on the sheets of figures, for example "disc_passes". */
  @Override
  public String code() {
    return code;
  }

  /** Whether it works from the air, and so has loads and ferries rather than a field capacity. */
  public boolean flies() {
    return this == AIRPLANE || this == HELICOPTER || this == DRONE;
  }

  /**
   * Whether it throws seed over a width, so that a row of pans tells how even it lies; what meters
   * seed into rows is caught under its outlets instead.
   */
  public boolean spreads() {
    return switch (this) {
      case DRONE,
          AIRPLANE,
          HELICOPTER,
          HIGH_CLEARANCE,
          BROADCAST,
          BROADCAST_TILLAGE,
          HARVEST_SPREADER,
          FROST_SEEDING ->
          true;
      default -> false;
    };
  }

  /** What the machine does, as on a day sheet. */
  public String words() {
    return words;
  }
}
