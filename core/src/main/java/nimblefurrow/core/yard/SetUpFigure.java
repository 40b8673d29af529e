package nimblefurrow.core.yard;

import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Unit;

/**
 * A figure of a machine's set-up, as it is asked for. Example: {@code HOPPER}, in cubic feet. Which
 * of them a kind of machine has is told by {@link SetUpSheet}. Not the figure's value.
 */
public enum SetUpFigure implements Coded {
  WIDTH("widthFt", "Working width", Unit.FOOT),
  SWATH("widthFt", "Swath", Unit.FOOT),
  SPEED("speedMph", "Speed", Unit.MILE_PER_HOUR),
  EFFICIENCY("efficiency", "Field efficiency, 0–1", Unit.NONE),
  HOPPER("hopperFt3", "Hopper", Unit.CUBIC_FOOT),
  FILL("fill", "Filled to, 0–1", Unit.NONE),
  LOAD_LIMIT("loadLimitLb", "Load limit", Unit.POUND),
  LEAST_RATE("leastRateLbAc", "Least it meters", Unit.POUND_PER_ACRE),
  FILLING("fillMinutes", "Minutes to fill", Unit.MINUTE),
  TANK_FILLING("fillMinutes", "Fill and road for a tank", Unit.MINUTE),
  TENDER("tenderLb", "Tender holds", Unit.POUND),
  GRAIN_TANK("grainTankBu", "Grain tank", Unit.BUSHEL),
  YIELD("yieldBuAc", "Yield of the crop", Unit.BUSHEL_PER_ACRE),
  ROWS("rows", "Rows", Unit.NONE),
  ROW_SPACING("rowSpacingIn", "Row spacing (even rows)", Unit.INCH),
  ROWS_PER_GAP("rowsPerGap", "Rows in each gap", Unit.NONE),
  GAP("gapIn", "Gap, cash row to cash row", Unit.INCH),
  WHEEL("wheelFt", "Rolling circumference", Unit.FOOT),
  SLIP("slip", "Wheel slip, 0–0.5", Unit.NONE),
  SCALE_LOW("scaleLow", "Scale from", Unit.NONE),
  SCALE_HIGH("scaleHigh", "Scale to", Unit.NONE),
  TURN("turnSeconds", "A turn", Unit.SECOND),
  GATE("gateLbMin", "Gate lets through", Unit.POUND_PER_MINUTE),
  FERRY_SPEED("ferryMph", "Ferry speed", Unit.MILE_PER_HOUR),
  STRIP("stripMiles", "From the strip", Unit.MILE),
  BATTERIES("batteries", "Batteries", Unit.NONE),
  BATTERY("batteryMinutes", "Air time of one", Unit.MINUTE),
  CHARGERS("chargers", "Chargers", Unit.NONE),
  CHARGING("chargeMinutes", "To charge one", Unit.MINUTE),
  COOLING("coolMinutes", "Cooling before", Unit.MINUTE),
  TANK("tankGal", "Tank", Unit.GALLON),
  SLURRY("galPerAc", "Slurry laid", Unit.GALLON_PER_ACRE),
  OWNING("fixedPerYear", "Cost to own", Unit.DOLLAR_PER_YEAR),
  YEARLY_LAND("acresPerYear", "Land worked in a year", Unit.ACRE),
  RUNNING("runningPerHour", "Cost to run, with driver", Unit.DOLLAR_PER_HOUR),
  QUOTE_BY_AREA("quotePerAcre", "Quote by area", Unit.DOLLAR_PER_ACRE),
  QUOTE_BY_HOUR("quotePerHour", "Quote by the hour", Unit.DOLLAR_PER_HOUR),
  QUOTE_SET_UP("quoteSetUp", "Set-up at each field", Unit.DOLLAR),
  QUOTE_THRESHOLD("quoteThresholdLbAc", "By the hour above", Unit.POUND_PER_ACRE),
  RENT("rentPerDay", "Rent", Unit.DOLLAR_PER_DAY),
  LEAST_LAND("leastAcres", "Paid for at least", Unit.ACRE),
  NOTICE("noticeDays", "Notice", Unit.DAY);

  private final String code;
  private final String words;
  private final Unit unit;

  SetUpFigure(String code, String words, Unit unit) {
    this.code = code;
    this.words = words;
    this.unit = unit;
  }

  /** Under which it is kept and sent, for example "hopperFt3"; two words may ask for one figure. */
  @Override
  public String code() {
    return code;
  }

  /** As it is asked for, for example "Filled to, 0–1". */
  public String words() {
    return words;
  }

  /** In which it is kept. */
  public Unit unit() {
    return unit;
  }
}
