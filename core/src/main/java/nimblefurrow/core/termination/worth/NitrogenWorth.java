package nimblefurrow.core.termination.worth;

import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What a mat's nitrogen is worth to the corn after it, $/ac: what is released saves fertilizer;
 * what is tied up beyond the starter costs yield. Rye of 4,000 lb/ac with 45 parts of carbon to
 * nitrogen costs $11.20 with 30 lb of starter and $47.10 with none. Soybeans find their own.
 */
public final class NitrogenWorth {
  private static final FigureKey PRICE = FigureKey.of("worth", "nitrogen_price");
  private static final FigureKey CORN = FigureKey.of("worth", "corn_price");
  private static final FigureKey LOSS = FigureKey.of("worth", "tie_up_loss");
  private static final FigureKey MOST = FigureKey.of("worth", "tie_up_most");

  private NitrogenWorth() {}

  /**
   * $/ac.
   *
   * @param starterLbAc nitrogen that the corn gets at planting
   */
  public static double of(Nitrogen mat, double starterLbAc, Figures figures) {
    return of(mat.availableLbAc(), starterLbAc, figures.of(CORN), 1, figures);
  }

  /**
   * The same by what is given or tied up.
   *
   * @param price of a bushel
   * @param times what is tied up against the figures
   */
  static double of(
      double availableLbAc, double starterLbAc, double price, double times, Figures figures) {
    double missing = Math.max(0, -availableLbAc - starterLbAc);
    double bushels = Math.min(figures.of(MOST), times * figures.of(LOSS) * missing);
    return availableLbAc * figures.of(PRICE) - price * bushels;
  }
}
