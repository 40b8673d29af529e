package nimblefurrow.server.journal;

import java.util.Optional;
import nimblefurrow.core.work.Operation;

/** What a journal entry records. */
public enum EntryKind {
  DISCED,
  SEEDED,
  SLURRY_SPREAD,
  CUT,
  ENDED,
  HARVESTED,
  CROP_STAGE,
  STEM_COUNT,
  BIOMASS;

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
