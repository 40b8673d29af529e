package nimblefurrow.core.termination;

import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;

/**
 * What a cover is worth as feed. 3,500 lb/ac cut at boot make $21.00 an acre after cutting and
 * carrying; 7,000 in flower lose $36.40; 3,000 grazed make $78.50. Not a feed analysis.
 */
public final class Feed {
  private static final FigureKey TAKES = FigureKey.of("ending", "cut_takes");
  private static final FigureKey PRICE = FigureKey.of("ending", "cut_price");
  private static final FigureKey COST = FigureKey.of("ending", "cut_cost");
  private static final FigureKey HEADED = FigureKey.of("ending", "cut_headed");
  private static final FigureKey BLOOM = FigureKey.of("ending", "cut_bloom");
  private static final FigureKey DOUGH = FigureKey.of("ending", "cut_dough");
  private static final FigureKey COW_FEED = FigureKey.of("ending", "graze_feed");
  private static final FigureKey GRAZE_TAKES = FigureKey.of("ending", "graze_takes");
  private static final FigureKey COW_DAY = FigureKey.of("ending", "cow_day");
  private static final FigureKey GRAZE_COST = FigureKey.of("ending", "graze_cost");
  private static final FigureKey TRODDEN = FigureKey.of("ending", "graze_trodden");
  private static final double POUNDS_PER_TON = 2000;

  private Feed() {}

  /** What a cut carries off. */
  public static DryMatter cut(DryMatter stands, Figures figures) {
    return DryMatter.poundsPerAcre(stands.poundsPerAcre() * figures.of(TAKES));
  }

  /** Cost of cutting and carrying what stands, $/ac. */
  public static double cutCost(DryMatter stands, Figures figures) {
    return cut(stands, figures).poundsPerAcre() / POUNDS_PER_TON * figures.of(COST);
  }

  /**
   * $/ac of hay after cutting and carrying it; below 0 where it does not pay.
   *
   * @param stage that most stems have reached; null: leafy, as good as at boot
   */
  public static double hayDollars(DryMatter stands, CoverStage stage, Figures figures) {
    double tons = cut(stands, figures).poundsPerAcre() / POUNDS_PER_TON;
    return tons * (figures.of(PRICE) * quality(stage, figures) - figures.of(COST));
  }

  private static double quality(CoverStage stage, Figures figures) {
    if (stage == null) {
      return 1;
    }
    return switch (stage) {
      case JOINTING, BOOT -> 1;
      case HEADING -> figures.of(HEADED);
      case FLOWERING, MILK -> figures.of(BLOOM);
      case DOUGH, VIABLE_SEED -> figures.of(DOUGH);
    };
  }

  /** Cow-days of an acre that are in what stands. */
  public static double cowDays(DryMatter stands, Figures figures) {
    return stands.poundsPerAcre() / (figures.of(GRAZE_TAKES) * figures.of(COW_FEED));
  }

  /**
   * What is left lying where stock has grazed: all that it did not take, and of that the share that
   * is trodden in. Of 3,000 lb/ac, 20 cow-days an acre take 1,040 and leave 2,272.
   *
   * @param most cow-days that the stock of an acre has had time for
   */
  public static DryMatter lies(DryMatter stands, double most, Figures figures) {
    double taken =
        Math.min(most, cowDays(stands, figures)) * figures.of(GRAZE_TAKES) * figures.of(COW_FEED);
    return left(stands, taken, figures);
  }

  /** What is left lying of a stand of which so many lb/ac were taken. */
  public static DryMatter left(DryMatter stands, double taken, Figures figures) {
    double rest = Math.max(0, stands.poundsPerAcre() - taken);
    return DryMatter.poundsPerAcre(rest + figures.of(TRODDEN) * taken);
  }

  /**
   * $/ac of grazing what stands, fence and water paid.
   *
   * @param most cow-days that the stock of an acre has had time for
   */
  public static double grazedDollars(DryMatter stands, double most, Figures figures) {
    return Math.min(most, cowDays(stands, figures)) * figures.of(COW_DAY) - figures.of(GRAZE_COST);
  }
}
