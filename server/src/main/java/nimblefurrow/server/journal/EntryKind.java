package nimblefurrow.server.journal;

import java.util.Optional;
import nimblefurrow.core.quantity.Coded;
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
  WINTERED("wintered");

  private final String code;

  EntryKind(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }

  /** Whether it was seen in a field rather than done to it, so that it is of that field only. */
  public boolean seen() {
    return this == STEM_COUNT || this == BIOMASS || this == STAND_COUNT || this == WINTERED;
  }

  /** Whether a link of the chain can have one only, as it is sown once and harvested once. */
  public boolean once() {
    return this == SEEDED || this == ENDED || this == CUT || this == HARVESTED;
  }

  /** The kind of entry that settles a job; planting the crop is none of the cover's. */
  public static Optional<EntryKind> settling(Operation operation) {
    return switch (operation) {
      case FIRST_DISC, SECOND_DISC -> Optional.of(DISCED);
      case SEED -> Optional.of(SEEDED);
      case SLURRY -> Optional.of(SLURRY_SPREAD);
      case SPRAY, ROLL -> Optional.of(ENDED);
      case PLANT -> Optional.empty();
    };
  }
}
