package nimblefurrow.core.seeding;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.yard.MachineKind;

/** How the seed gets into the field. What comes up by it stands in {@link MethodFigures}. */
public enum SeedingMethod implements Coded {
  DRILL("drill", MachineKind.DRILL, Place.AFTER_HARVEST, "drill after harvest", false, true),
  PRECISION_PLANTER(
      "precision_planter",
      MachineKind.PRECISION_PLANTER,
      Place.AFTER_HARVEST,
      "precision planter after harvest",
      false,
      false),
  BROADCAST_TILLAGE(
      "broadcast_tillage",
      MachineKind.BROADCAST_TILLAGE,
      Place.AFTER_HARVEST,
      "broadcast and shallow tillage",
      false,
      false),
  DISC_PASSES(
      "disc_passes",
      MachineKind.DISC_PASSES,
      Place.AFTER_HARVEST,
      "hand spreader and disc passes",
      false,
      false),
  BROADCAST(
      "broadcast",
      MachineKind.BROADCAST,
      Place.AFTER_HARVEST,
      "broadcast on bare stubble, also in dry fertilizer",
      true,
      true),
  SLURRY("slurry", MachineKind.SLURRY, Place.AFTER_HARVEST, "in manure slurry", true, false),
  COMBINE_SEEDER(
      "combine_seeder",
      MachineKind.COMBINE_SEEDER,
      Place.WITH_HARVEST,
      "seeder on the combine or its head",
      true,
      false),
  HARVEST_SPREADER(
      "harvest_spreader",
      MachineKind.HARVEST_SPREADER,
      Place.WITH_HARVEST,
      "spreader behind the combine",
      true,
      false),
  INTERSEEDER(
      "interseeder",
      MachineKind.INTERSEEDER,
      Place.BETWEEN_ROWS,
      "interseeder between corn rows",
      false,
      false),
  ROW_AIR_SEEDER(
      "row_air_seeder",
      MachineKind.ROW_AIR_SEEDER,
      Place.BETWEEN_ROWS,
      "air seeder between rows with the sidedress",
      true,
      false),
  AIRPLANE(
      "airplane",
      MachineKind.AIRPLANE,
      Place.OVER_THE_TOP,
      "airplane over the standing crop",
      true,
      false),
  HELICOPTER(
      "helicopter",
      MachineKind.HELICOPTER,
      Place.OVER_THE_TOP,
      "helicopter over the standing crop",
      true,
      false),
  DRONE(
      "drone", MachineKind.DRONE, Place.OVER_THE_TOP, "drone over the standing crop", true, false),
  HIGH_CLEARANCE(
      "high_clearance",
      MachineKind.HIGH_CLEARANCE,
      Place.OVER_THE_TOP,
      "high-clearance spreader in the standing crop",
      true,
      false),
  FROST_SEEDING(
      "frost_seeding",
      MachineKind.FROST_SEEDING,
      Place.INTO_WHEAT,
      "frost seeding into standing wheat",
      true,
      true);

  /** When in the cash crop's life a way in has its turn. */
  public enum Place {
    BETWEEN_ROWS,
    OVER_THE_TOP,
    WITH_HARVEST,
    AFTER_HARVEST,
    INTO_WHEAT
  }

  private final String code;
  private final MachineKind machine;
  private final Place place;
  private final String words;
  private final boolean surface;
  private final boolean dormant;

  SeedingMethod(
      String code,
      MachineKind machine,
      Place place,
      String words,
      boolean surface,
      boolean dormant) {
    this.code = code;
    this.machine = machine;
    this.place = place;
    this.words = words;
    this.surface = surface;
    this.dormant = dormant;
  }

  /** Its name on the sheets of figures, for example "disc_passes". */
  @Override
  public String code() {
    return code;
  }

  /** The kind of machine that does it. */
  public MachineKind machine() {
    return machine;
  }

  /** The way that a kind of machine sows by; empty where it does not sow. */
  public static Optional<SeedingMethod> of(MachineKind machine) {
    return Arrays.stream(values()).filter(w -> w.machine == machine).findFirst();
  }

  /** The way as told: "interseeder between corn rows". */
  public String words() {
    return words;
  }

  /** Where and when it goes: between the rows, over the top, after harvest. */
  public Place place() {
    return place;
  }

  /** Whether it goes over the top of a crop that still stands. */
  public boolean overTheTop() {
    return place == Place.OVER_THE_TOP;
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
