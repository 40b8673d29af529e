package nimblefurrow.core.cashcrop;

import nimblefurrow.core.quantity.Unit;

/** The cash crops with a calendar of their own; any other crop is entered by its dates. */
public enum CropKind {
  CORN_GRAIN("corn_grain", Unit.CORN_BUSHEL_PER_ACRE),
  CORN_SILAGE("corn_silage", Unit.TON_PER_ACRE),
  SOYBEANS("soybeans", Unit.WHEAT_BUSHEL_PER_ACRE),
  WINTER_WHEAT("winter_wheat", Unit.WHEAT_BUSHEL_PER_ACRE),
  OATS("oats", Unit.OAT_BUSHEL_PER_ACRE),
  OTHER("other", Unit.TON_PER_ACRE),
  /** No crop: ground that a forage cut, or the end of a cover, has freed for another cover. */
  FREE_GROUND("free_ground", Unit.TON_PER_ACRE);

  private final String code;
  private final Unit yieldUnit;

  CropKind(String code, Unit yieldUnit) {
    this.code = code;
    this.yieldUnit = yieldUnit;
  }

  /** Its name on the sheets of figures, for example "corn_grain". */
  public String code() {
    return code;
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
