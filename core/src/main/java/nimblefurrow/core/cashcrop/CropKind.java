package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Site;

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

  private static final FigureKey CORN_MONTH = FigureKey.of("crops", "corn_plant_month");
  private static final FigureKey CORN_DAY = FigureKey.of("crops", "corn_plant_day");
  private static final FigureKey SOYBEAN_MONTH = FigureKey.of("crops", "soybean_plant_month");
  private static final FigureKey SOYBEAN_DAY = FigureKey.of("crops", "soybean_plant_day");
  private static final FigureKey WHEAT_MONTH = FigureKey.of("crops", "wheat_plant_month");
  private static final FigureKey WHEAT_DAY = FigureKey.of("crops", "wheat_plant_day");
  private static final FigureKey OATS_MONTH = FigureKey.of("crops", "oats_plant_month");
  private static final FigureKey OATS_DAY = FigureKey.of("crops", "oats_plant_day");

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

  /**
   * The day on which it is planted for the harvest of a year until another is entered: corn for
   * 2027 on 4 May 2027, winter wheat for 2027 on 5 October 2026; south of the equator half a year
   * moved. Empty for crops without a calendar of their own.
   *
   * @param harvest the year in which it comes off
   */
  public Optional<LocalDate> usualPlanting(int harvest, Site site, Figures figures) {
    return switch (this) {
      case CORN_GRAIN, CORN_SILAGE ->
          Optional.of(day(harvest, site, figures, CORN_MONTH, CORN_DAY));
      case SOYBEANS -> Optional.of(day(harvest, site, figures, SOYBEAN_MONTH, SOYBEAN_DAY));
      case OATS -> Optional.of(day(harvest, site, figures, OATS_MONTH, OATS_DAY));
      case WINTER_WHEAT -> Optional.of(day(harvest - 1, site, figures, WHEAT_MONTH, WHEAT_DAY));
      case OTHER, FREE_GROUND -> Optional.empty();
    };
  }

  private static LocalDate day(
      int year, Site site, Figures figures, FigureKey month, FigureKey day) {
    return site.season(year, figures.whole(month), figures.whole(day));
  }

  /** The year in which it comes off when planted on a day; winter wheat the year after. */
  public int harvestYear(LocalDate planted, Site site) {
    LocalDate north = site.southern() ? planted.minusMonths(6) : planted;
    boolean overWinter = this == WINTER_WHEAT && north.getMonthValue() > 7;
    return north.getYear() + (overWinter ? 1 : 0);
  }

  /** Whether a combine brings it in: grain and beans, not silage, nor a crop we know nothing of. */
  public boolean combined() {
    return this == CORN_GRAIN || this == SOYBEANS || this == WINTER_WHEAT || this == OATS;
  }

  /** Whether it is corn, for grain or for silage. */
  public boolean corn() {
    return this == CORN_GRAIN || this == CORN_SILAGE;
  }

  /** Whether it is small grain, in which seed of a cover is dearer. */
  public boolean smallGrain() {
    return this == WINTER_WHEAT || this == OATS;
  }
}
