package nimblefurrow.server.journal;

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
  BIOMASS
}
