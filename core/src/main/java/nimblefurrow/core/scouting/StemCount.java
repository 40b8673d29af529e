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
import org.apache.commons.statistics.distribution.NormalDistribution;

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
  private static final FigureKey OBSERVER = FigureKey.of("scouting", "observer_error");

  /** Points of the mean that are weighed, so many SDs to either side. */
  private static final int POINTS = 161;

  private static final double WIDE = 4;
  private static final double TINY = 1e-300;
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

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

  private double designEffect(Figures figures) {
    return 1 + ((double) stems / spots - 1) * figures.of(LIKENESS);
  }

  private double effectiveStems(Figures figures) {
    return stems / designEffect(figures);
  }

  /** Sequential test of 80 % or more against 60 % or less; no verdict before the fifth spot. */
  public Verdict verdict(Figures figures) {
    double ready = figures.of(READY);
    double notReady = figures.of(NOT_READY);
    double wrong = figures.of(WRONG);
    double sure = Math.log((1 - wrong) / wrong);
    if (spots < figures.whole(LEAST_SPOTS)) {
      return Verdict.COUNT_ON;
    }
    double evidence =
        (past * Math.log(ready / notReady)
                + (stems - past) * Math.log((1 - ready) / (1 - notReady)))
            / designEffect(figures);
    if (evidence >= sure) {
      return Verdict.READY;
    }
    return evidence <= -sure || stems >= figures.whole(MOST_STEMS)
        ? Verdict.WAIT
        : Verdict.COUNT_ON;
  }

  /** Wilson interval of the share at 90 %, on the effective number of stems. */
  public Share[] interval(Figures figures) {
    double z = UNIT.inverseCumulativeProbability(0.95);
    double n = effectiveStems(figures);
    double p = share().fraction();
    double middle = (p + z * z / (2 * n)) / (1 + z * z / n);
    double half = z / (1 + z * z / n) * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n));
    return new Share[] {Share.of(Math.max(0, middle - half)), Share.of(Math.min(1, middle + half))};
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
    double effect = designEffect(figures);
    double reached = past / effect;
    double open = (stems - past) / effect;
    double sd = before.sdOf(meanBefore, figures);
    double scatter = figures.of(StageForecast.STEM_SPREAD);
    double weights = 0;
    double mean = 0;
    double squares = 0;
    for (int i = 0; i < POINTS; i++) {
      double off = sd * WIDE * (2.0 * i / (POINTS - 1) - 1);
      double z = (heatToday - meanBefore - off) / scatter;
      double log =
          -0.5 * off * off / (sd * sd)
              + reached * Math.log(Math.max(TINY, UNIT.cumulativeProbability(z)))
              + open * Math.log(Math.max(TINY, UNIT.survivalProbability(z)));
      double weight = Math.exp(log);
      weights += weight;
      mean += weight * off;
      squares += weight * off * off;
    }
    mean /= weights;
    double variance = squares / weights - mean * mean;
    double eye = figures.of(OBSERVER);
    return new StageBelief(
        before.laterBy() + mean, Math.sqrt(variance + eye * eye), Optional.of(heatToday));
  }
}
