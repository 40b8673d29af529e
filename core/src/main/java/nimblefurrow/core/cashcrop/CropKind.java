package nimblefurrow.core.cashcrop;

import nimblefurrow.core.quantity.Unit;

/** The cash crops with a calendar of their own; any other crop is entered by its dates. */
public enum CropKind {
  CORN_GRAIN(Unit.CORN_BUSHEL_PER_ACRE),
  CORN_SILAGE(Unit.TON_PER_ACRE),
  SOYBEANS(Unit.WHEAT_BUSHEL_PER_ACRE),
  WINTER_WHEAT(Unit.WHEAT_BUSHEL_PER_ACRE),
  OATS(Unit.OAT_BUSHEL_PER_ACRE),
  OTHER(Unit.TON_PER_ACRE),
  /** No crop: ground that a forage cut, or the end of a cover, has freed for another cover. */
  FREE_GROUND(Unit.TON_PER_ACRE);

  private final Unit yieldUnit;

  CropKind(Unit yieldUnit) {
    this.yieldUnit = yieldUnit;
  }

  /**
   * In what its harvest is counted: bushels of its own weight, or tons where it is sold by them.
   */
  public Unit yieldUnit() {
    return yieldUnit;
  }

  public boolean corn() {
    return this == CORN_GRAIN || this == CORN_SILAGE;
  }
}
