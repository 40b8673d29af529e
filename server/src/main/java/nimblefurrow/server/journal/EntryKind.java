package nimblefurrow.server.journal;

import java.util.Optional;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.work.Operation;

/** What a journal entry records. */
public enum EntryKind implements Coded {
  DISCED("disced"),
  SEEDED("seeded"),
  SLURRY_SPREAD("slurry_spread"),
  CUT("cut"),
  ENDED("ended"),
  HARVESTED("harvested"),
  CROP_STAGE("crop_stage"),
  STEM_COUNT("stem_count"),
  BIOMASS("biomass"),
  STAND_COUNT("stand_count"),
  WINTERED("wintered"),
  HEIGHT("height", LookSheet.Kind.HEIGHT),
  GROUND_COVER("ground_cover", LookSheet.Kind.GROUND_COVER),
  CANOPY_LIGHT("canopy_light", LookSheet.Kind.CANOPY_LIGHT),
  SOIL_FEEL("soil_feel"),
  RUTS("ruts", LookSheet.Kind.RUTS),
  WEEDS("weeds", LookSheet.Kind.WEEDS),
  PESTS("pests"),
  KILL_RATING("kill_rating", LookSheet.Kind.KILL),
  NITROGEN("nitrogen", LookSheet.Kind.NITROGEN);

  private final String code;
  private final LookSheet.Kind read;

  EntryKind(String code) {
    this(code, null);
  }

  EntryKind(String code, LookSheet.Kind read) {
    this.code = code;
    this.read = read;
  }

  /** What is read spot by spot; empty where it is something else. */
  public Optional<LookSheet.Kind> read() {
    return Optional.ofNullable(read);
  }

  @Override
  public String code() {
    return code;
  }

  /** Whether it was seen in a field rather than done to it, so that it is of that field only. */
  public boolean seen() {
    return read != null
        || switch (this) {
          case STEM_COUNT, BIOMASS, STAND_COUNT, WINTERED, SOIL_FEEL, PESTS -> true;
          default -> false;
        };
  }

  /** Whether a link of the chain can have one only, as it is sown once and harvested once. */
  public boolean once() {
    return this == SEEDED || this == ENDED || this == CUT || this == HARVESTED;
  }

  /**
   * The kind of entry that settles a job; planting the crop is none of the cover's, and other work
   * is written down nowhere else.
   */
  public static Optional<EntryKind> settling(Operation operation) {
    return switch (operation) {
      case FIRST_DISC, SECOND_DISC -> Optional.of(DISCED);
      case SEED -> Optional.of(SEEDED);
      case SLURRY -> Optional.of(SLURRY_SPREAD);
      case SPRAY, ROLL, TILL, MOW -> Optional.of(ENDED);
      case HARVEST -> Optional.of(HARVESTED);
      case PLANT, OTHER -> Optional.empty();
    };
  }
}
