package nimblefurrow.core.cashcrop;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Unit;

/** The cash crops with a calendar of their own; any other crop is entered by its dates. */
public enum CropKind implements Coded {
  CORN_GRAIN("corn_grain", Unit.CORN_BUSHEL_PER_ACRE),
  CORN_SILAGE("corn_silage", Unit.TON_PER_ACRE),
  SOYBEANS("soybeans", Unit.WHEAT_BUSHEL_PER_ACRE),
  WINTER_WHEAT("winter_wheat", Unit.WHEAT_BUSHEL_PER_ACRE),
  OATS("oats", Unit.OAT_BUSHEL_PER_ACRE),
  OTHER("other", Unit.TON_PER_ACRE),
  /** No crop: ground that a forage cut, or the end of a cover, has freed for another cover. */
  FREE_GROUND("free_ground", Unit.TON_PER_ACRE);

  private static final FigureKey CORN_MATURITY = FigureKey.of("crops", "corn_usual_maturity");
  private static final FigureKey SOYBEAN_GROUP = FigureKey.of("crops", "soybean_usual_group");
  private static final FigureKey CORN_MOISTURE = FigureKey.of("crops", "corn_harvest_moisture");

  private final String code;
  private final Unit yieldUnit;

  CropKind(String code, Unit yieldUnit) {
    this.code = code;
    this.yieldUnit = yieldUnit;
  }

  /** Its name on the sheets of figures, for example "corn_grain". */
  @Override
  public String code() {
    return code;
  }

  /**
   * In what its harvest is counted: bushels of its own weight, or tons where it is sold by them.
   */
  public Unit yieldUnit() {
    return yieldUnit;
  }

  /**
   * Relative maturity of corn, or the group of soybeans, until another is entered; 0 where the crop
   * has none.
   */
  public double usualMaturity(Figures figures) {
    return corn() ? figures.of(CORN_MATURITY) : this == SOYBEANS ? figures.of(SOYBEAN_GROUP) : 0;
  }

  /** Moisture at which it is harvested until another is entered, %; asked of corn only. */
  public double usualMoisture(Figures figures) {
    return figures.of(CORN_MOISTURE);
  }

  /** Whether it is corn, for grain or for silage. */
  public boolean corn() {
    return this == CORN_GRAIN || this == CORN_SILAGE;
  }
}
