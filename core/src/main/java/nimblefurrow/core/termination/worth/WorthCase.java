package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.weather.Site;

/**
 * What the crop after a cover is worth, and what is usual without one: money is set against a field
 * without a mat, burnt down and planted on the planned day.
 *
 * @param crop that follows
 * @param planned day of its planting
 * @param bushels to be expected, {@code price} of one
 * @param burndown whether one was planned; never on organic ground
 * @param starterLbAc nitrogen that corn gets at planting
 * @param fitted whether the planter is set up for a mat
 * @param passTimes what passes cost against the figures: 1 as they are
 * @param grainSoon whether small grain follows within two years
 */
public record WorthCase(
    CropKind crop,
    LocalDate planned,
    double bushels,
    double price,
    boolean organic,
    boolean burndown,
    double starterLbAc,
    boolean fitted,
    Weeds weeds,
    double passTimes,
    boolean grainSoon,
    Site site) {
  private static final FigureKey CORN_YIELD = FigureKey.of("worth", "corn_yield");
  private static final FigureKey SOY_YIELD = FigureKey.of("worth", "soybean_yield");
  private static final FigureKey ORGANIC_YIELD = FigureKey.of("worth", "organic_yield");
  private static final FigureKey CORN_PRICE = FigureKey.of("worth", "corn_price");
  private static final FigureKey SOY_PRICE = FigureKey.of("worth", "soybean_price");
  private static final FigureKey ORGANIC_CORN = FigureKey.of("worth", "organic_corn_price");
  private static final FigureKey ORGANIC_SOY = FigureKey.of("worth", "organic_soybean_price");
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");

  /**
   * A crop by the farm's figures.
   *
   * @param grainSoon whether small grain follows within two years, in which seed of a cover is
   *     dearer
   * @param grainTimes and {@code passTimes}: prices against the figures, 1 as they are
   */
  public static WorthCase of(
      CropKind crop,
      LocalDate planned,
      boolean organic,
      Weeds weeds,
      double grainTimes,
      double passTimes,
      boolean grainSoon,
      Site site,
      Figures figures) {
    double yield = figures.of(crop.corn() ? CORN_YIELD : SOY_YIELD);
    FigureKey price =
        crop.corn() ? (organic ? ORGANIC_CORN : CORN_PRICE) : (organic ? ORGANIC_SOY : SOY_PRICE);
    return new WorthCase(
        crop,
        planned,
        organic ? yield * figures.of(ORGANIC_YIELD) : yield,
        grainTimes * figures.of(price),
        organic,
        !organic,
        crop.corn() ? figures.of(STARTER) : 0,
        organic,
        weeds,
        passTimes,
        grainSoon,
        site);
  }

  /** $/ac of a whole crop. */
  double cropDollars() {
    return bushels * price;
  }
}
