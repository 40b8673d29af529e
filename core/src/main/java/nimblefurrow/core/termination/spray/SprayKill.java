package nimblefurrow.core.termination.spray;

import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What a systemic product with a growth regulator kills of grass and legumes together, in one tank,
 * at a raised rate, or split over two passes. Rye of .97 and vetch of .60 alone and .94 with the
 * partner leave at least .92, .94 and .97.
 *
 * @param way how it is done
 * @param grass share of grass killed, {@code broadleaf} of legumes and other broadleaves; 1 where
 *     there are none
 * @param moreDollars per acre beyond one pass
 * @param daysBetween the passes; 0 where there is one
 */
public record SprayKill(
    Way way, double grass, double broadleaf, double moreDollars, int daysBetween) {
  private static final FigureKey ONE_TANK = FigureKey.of("spray", "one_tank");
  private static final FigureKey RAISED = FigureKey.of("spray", "raised_rate");
  private static final FigureKey SPLIT_DAYS = FigureKey.of("spray", "split_days");
  private static final FigureKey SPLIT_COST = FigureKey.of("spray", "split_cost");

  /** How two products are brought out. */
  public enum Way {
    ONE_TANK("together, at the usual rate"),
    RAISED("together, at the raised rate"),
    SPLIT("split: the systemic first, the growth regulator days later");

    private final String words;

    Way(String words) {
      this.words = words;
    }

    /** As it is said. */
    public String words() {
      return words;
    }
  }

  /** What dies of the hardest of them. */
  public double least() {
    return Math.min(grass, broadleaf);
  }

  /**
   * The ways beside each other.
   *
   * @param grass killed by the systemic product alone, 0–1
   * @param alone broadleaves killed by it alone, {@code withPartner} with the partner
   */
  public static List<SprayKill> ways(
      double grass, double alone, double withPartner, Figures figures) {
    return List.of(
        new SprayKill(Way.ONE_TANK, grass * figures.of(ONE_TANK), withPartner, 0, 0),
        new SprayKill(Way.RAISED, grass * figures.of(RAISED), withPartner, 0, 0),
        new SprayKill(
            Way.SPLIT,
            grass,
            1 - (1 - alone) * (1 - withPartner),
            figures.of(SPLIT_COST),
            figures.whole(SPLIT_DAYS)));
  }
}
