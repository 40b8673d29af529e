package nimblefurrow.core.scouting;

import java.util.Optional;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;

/**
 * Stems looked at one by one at several spots: how many were past flowering. Stems of one spot are
 * alike, so they count for less than as many from all over.
 */
public record StemCount(int spots, int stems, int past) {
  private static final FigureKey WRONG = FigureKey.of("scouting", "wrong_verdict");
  private static final FigureKey LIKENESS = FigureKey.of("scouting", "spot_likeness");

  /** Share of the stems from which a field is ready. */
  public static final FigureKey READY = FigureKey.of("scouting", "ready_share");

  private static final FigureKey NOT_READY = FigureKey.of("scouting", "not_ready_share");
  private static final FigureKey LEAST_SPOTS = FigureKey.of("scouting", "least_spots");
  private static final FigureKey MOST_STEMS = FigureKey.of("scouting", "most_stems");

  /** How far one looks from another at a stage (SD), °F-days. */
  public static final FigureKey OBSERVER = FigureKey.of("scouting", "observer_error");

  /** What a count says: roll, come back later, or count on. */
  public enum Verdict {
    READY,
    WAIT,
    COUNT_ON
  }

  public StemCount {
    Limits.within("spots", spots, 1, 100, Unit.NONE);
    Limits.within("stems", stems, spots, 2000, Unit.NONE);
    if (past < 0 || past > stems) {
      throw new OutOfRange(
          "stems past flowering", "stems past flowering are 0–%d, got %d".formatted(stems, past));
    }
  }

  /** Share of the counted stems that are past flowering. */
  public Share share() {
    return Share.of((double) past / stems);
  }

  /** The test of stems with a farm's figures. */
  public static StemTest test(Figures figures) {
    return new StemTest(
        figures.of(READY),
        figures.of(NOT_READY),
        figures.of(WRONG),
        figures.of(LIKENESS),
        figures.whole(LEAST_SPOTS),
        figures.whole(MOST_STEMS));
  }

  /** Sequential test of 80 % or more against 60 % or less; no verdict before the fifth spot. */
  public Verdict verdict(Figures figures) {
    return test(figures).verdict(spots, stems, past);
  }

  /** Wilson interval of the share at 90 %, on the effective number of stems. */
  public Share[] interval(Figures figures) {
    double[] ends = test(figures).interval(spots, stems, past);
    return new Share[] {Share.of(ends[0]), Share.of(ends[1])};
  }

  /**
   * What is held of the field's stages after this count. 30 of 50 stems of five spots at 890, with
   * 900 ± 90 before, leave 878.8 ± 18.6. All or none past flowering says only that the mean lies to
   * one side, so it moves less and stays less sure.
   *
   * @param heatToday °F-days of the field's count on the day of counting
   * @param meanBefore the mean of flowering taken so far, °F-days
   */
  public StageBelief anchored(
      StageBelief before, double meanBefore, double heatToday, Figures figures) {
    double effect = test(figures).designEffect(spots, stems);
    CountedMean after =
        new CountedMean(meanBefore, before.sdOf(meanBefore, figures))
            .after(
                heatToday,
                past / effect,
                (stems - past) / effect,
                figures.of(StageForecast.STEM_SPREAD),
                figures.of(OBSERVER));
    return new StageBelief(
        before.laterBy() + after.mean() - meanBefore, after.sd(), Optional.of(heatToday));
  }
}
