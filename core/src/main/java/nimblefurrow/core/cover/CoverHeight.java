package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.Comparator;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;

/**
 * About how tall a cover stands on a day in the middle year: it grows towards its full height with
 * its stages, less so where it stands thin. A rough figure for what a roller can do; a measured
 * height is better.
 */
public final class CoverHeight {
  private static final FigureKey AT_FLOWERING = FigureKey.of("cover", "height_flowering");
  private static final FigureKey AT_HEADING = FigureKey.of("cover", "height_heading");
  private static final FigureKey AT_BOOT = FigureKey.of("cover", "height_boot");
  private static final FigureKey AT_JOINTING = FigureKey.of("cover", "height_jointing");
  private static final FigureKey SEEDLING = FigureKey.of("cover", "height_seedling");
  private static final FigureKey FULL_MAT = FigureKey.of("cover", "height_full_mat");
  private static final FigureKey THIN_POWER = FigureKey.of("cover", "height_thin_power");

  private CoverHeight() {}

  /**
   * Height of one member.
   *
   * @param stages of that member
   * @param mat of the whole stand, which tells whether it stands thin
   */
  public static Length on(StageForecast stages, MatForecast mat, LocalDate date) {
    Figures figures = stages.species().figures();
    double thin =
        Math.pow(
            Math.min(1, Math.max(0, mat.on(date).middle()) / figures.of(FULL_MAT)),
            figures.of(THIN_POWER));
    return Length.ofInches(
        stages.species().growth().heightIn()
            * grown(stages, stages.middleHeatOn(date))
            * thin
            * mat.stand().seen().tall());
  }

  /** Height of the whole stand: that of its tallest member, those that have a figure. */
  public static Length on(MatForecast mat, LocalDate date) {
    return mat.stand().mix().members().stream()
        .map(m -> new StageForecast(m.species(), mat.stand(), mat.outlook()))
        .map(stages -> on(stages, mat, date))
        .max(Comparator.comparingDouble(Length::inches))
        .orElseThrow();
  }

  /** Share of its full height at a heat: a straight line between the stages that have a figure. */
  private static double grown(StageForecast stages, double heat) {
    CoverStage[] marks = {
      CoverStage.JOINTING, CoverStage.BOOT, CoverStage.HEADING, CoverStage.FLOWERING
    };
    Figures figures = stages.species().figures();
    double[] shares = {
      figures.of(SEEDLING),
      figures.of(AT_JOINTING),
      figures.of(AT_BOOT),
      figures.of(AT_HEADING),
      figures.of(AT_FLOWERING)
    };
    double beforeHeat = 0;
    double beforeShare = shares[0];
    for (int i = 0; i < marks.length; i++) {
      double mean = stages.mean(marks[i]).orElse(-1.0);
      if (mean > beforeHeat) {
        if (heat < mean) {
          return beforeShare
              + (shares[i + 1] - beforeShare) * (heat - beforeHeat) / (mean - beforeHeat);
        }
        beforeHeat = mean;
        beforeShare = shares[i + 1];
      }
    }
    return beforeShare;
  }
}
