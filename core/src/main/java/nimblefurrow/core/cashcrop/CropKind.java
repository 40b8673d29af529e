package nimblefurrow.core.cashcrop;

/** The cash crops with a calendar of their own; any other crop is entered by its dates. */
public enum CropKind {
  CORN_GRAIN,
  CORN_SILAGE,
  SOYBEANS,
  WINTER_WHEAT,
  OATS,
  OTHER;

  public boolean corn() {
    return this == CORN_GRAIN || this == CORN_SILAGE;
  }
}
