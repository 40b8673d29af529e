package nimblefurrow.server.journal;

/** What a journal entry records. */
public enum EntryKind {
  SEEDED,
  ENDED,
  HARVESTED,
  CROP_STAGE,
  STEM_COUNT,
  BIOMASS
}
