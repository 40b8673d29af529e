package nimblefurrow.core.seeding;

/** How the seed gets into the field. What comes up by it stands in {@link WayFigures}. */
public enum WayIn {
  DRILL("drill", Place.AFTER_HARVEST, "drill after harvest", false, true),
  PRECISION_PLANTER(
      "precision_planter", Place.AFTER_HARVEST, "precision planter after harvest", false, false),
  BROADCAST_TILLAGE(
      "broadcast_tillage", Place.AFTER_HARVEST, "broadcast and shallow tillage", false, false),
  DISC_PASSES("disc_passes", Place.AFTER_HARVEST, "hand spreader and disc passes", false, false),
  BROADCAST(
      "broadcast",
      Place.AFTER_HARVEST,
      "broadcast on bare stubble, also in dry fertilizer",
      true,
      true),
  SLURRY("slurry", Place.AFTER_HARVEST, "in manure slurry", true, false),
  COMBINE_SEEDER(
      "combine_seeder", Place.WITH_HARVEST, "seeder on the combine or its head", true, false),
  HARVEST_SPREADER(
      "harvest_spreader", Place.WITH_HARVEST, "spreader behind the combine", true, false),
  INTERSEEDER("interseeder", Place.BETWEEN_ROWS, "interseeder between corn rows", false, false),
  ROW_AIR_SEEDER(
      "row_air_seeder",
      Place.BETWEEN_ROWS,
      "air seeder between rows with the sidedress",
      true,
      false),
  AIRPLANE("airplane", Place.OVER_THE_TOP, "airplane over the standing crop", true, false),
  HELICOPTER("helicopter", Place.OVER_THE_TOP, "helicopter over the standing crop", true, false),
  DRONE("drone", Place.OVER_THE_TOP, "drone over the standing crop", true, false),
  HIGH_CLEARANCE(
      "high_clearance",
      Place.OVER_THE_TOP,
      "high-clearance spreader in the standing crop",
      true,
      false),
  FROST_SEEDING("frost_seeding", Place.INTO_WHEAT, "frost seeding into standing wheat", true, true);

  /** When in the cash crop's life a way in has its turn. */
  public enum Place {
    BETWEEN_ROWS,
    OVER_THE_TOP,
    WITH_HARVEST,
    AFTER_HARVEST,
    INTO_WHEAT
  }

  private final String code;
  private final Place place;
  private final String words;
  private final boolean surface;
  private final boolean dormant;

  WayIn(String code, Place place, String words, boolean surface, boolean dormant) {
    this.code = code;
    this.place = place;
    this.words = words;
    this.surface = surface;
    this.dormant = dormant;
  }

  /** Its name on the sheets of figures, for example "disc_passes". */
  public String code() {
    return code;
  }

  public String words() {
    return words;
  }

  public Place place() {
    return place;
  }

  /** Whether it goes over the top of a crop that still stands. */
  public boolean overTheTop() {
    return place == Place.OVER_THE_TOP;
  }

  /** Whether it flies. */
  public boolean flies() {
    return this == AIRPLANE || this == HELICOPTER || this == DRONE;
  }

  /** Whether the seed is left on top of the ground. */
  public boolean surface() {
    return surface;
  }

  /** Whether seed can go in so all winter, on ground that is not frozen. */
  public boolean dormant() {
    return dormant;
  }
}
