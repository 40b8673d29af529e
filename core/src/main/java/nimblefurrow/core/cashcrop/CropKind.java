package nimblefurrow.core.cashcrop;

/** The cash crops with a calendar of their own; any other crop is entered by its dates. */
public enum CropKind {
  CORN_GRAIN,
  CORN_SILAGE,
  SOYBEANS,
  WINTER_WHEAT,
  OATS,
  OTHER,
  /** No crop: ground that a forage cut, or the end of a cover, has freed for another cover. */
  FREE_GROUND;

  public boolean corn() {
    return this == CORN_GRAIN || this == CORN_SILAGE;
  }
}
