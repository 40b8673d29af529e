package nimblefurrow.core.termination.kill;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What dies by disc, mower, teeth or a cut, as trials have it: 70 % by one pass of a disc, 90 % by
 * two; grass mown leafy 10 %, in flower 75 %; cut at boot 40 %. Between two stages the share of
 * stems decides. Not for strip tillage, which kills in its strip alone.
 */
public final class OtherKill {
  private static final FigureKey TILL_FIRST = FigureKey.of("ending", "till_first");
  private static final FigureKey TILL_SECOND = FigureKey.of("ending", "till_second");
  private static final FigureKey MOW_LEAFY = FigureKey.of("ending", "mow_leafy");
  private static final FigureKey MOW_FLOWER = FigureKey.of("ending", "mow_flower");
  private static final FigureKey MOW_LEGUME = FigureKey.of("ending", "mow_legume");
  private static final FigureKey BETWEEN = FigureKey.of("ending", "between_kills");
  private static final FigureKey GRAZED = FigureKey.of("ending", "graze_kills");
  private static final FigureKey CUT_BOOT = FigureKey.of("ending", "cut_boot");
  private static final FigureKey CUT_FLOWER = FigureKey.of("ending", "cut_flower");

  private OtherKill() {}

  /**
   * Kill by a disc, 0–1.
   *
   * @param passes 1, or 2 and more
   */
  public static double tilled(int passes, Figures figures) {
    return figures.of(passes < 2 ? TILL_FIRST : TILL_SECOND);
  }

  /** Kill by hard grazing, 0–1. */
  public static double grazed(Figures figures) {
    return figures.of(GRAZED);
  }

  /** Kill by mowing on a day, 0–1; empty where nothing says when it flowers. */
  public static Optional<Double> mown(StageForecast stages, LocalDate day, Figures figures) {
    FigureKey flower = stages.species().family() == Family.LEGUME ? MOW_LEGUME : MOW_FLOWER;
    return inFlower(stages, day)
        .map(share -> between(figures.of(MOW_LEAFY), figures.of(flower), share));
  }

  /** Kill by a mower between the rows on a day, 0–1. */
  public static Optional<Double> betweenRows(StageForecast stages, LocalDate day, Figures figures) {
    return inFlower(stages, day)
        .map(share -> between(figures.of(MOW_LEAFY), figures.of(BETWEEN), share));
  }

  /** Kill by a cut for hay or silage on a day, 0–1. */
  public static Optional<Double> cut(StageForecast stages, LocalDate day, Figures figures) {
    double boot = stages.sharesOn(day).getOrDefault(CoverStage.BOOT, 0.0);
    return inFlower(stages, day)
        .map(
            share ->
                between(
                    between(figures.of(MOW_LEAFY), figures.of(CUT_BOOT), boot),
                    figures.of(CUT_FLOWER),
                    share));
  }

  private static Optional<Double> inFlower(StageForecast stages, LocalDate day) {
    return stages
        .mean(CoverStage.FLOWERING)
        .map(mean -> stages.sharePast(stages.middleHeatOn(day), mean));
  }

  private static double between(double low, double high, double share) {
    return low + (high - low) * share;
  }
}
