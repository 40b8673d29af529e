package nimblefurrow.core.termination.worth;

import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What a mat saves in weeds: what they would take, by the share it keeps down three weeks after
 * planting, and the pass that it saves in some fields. 4,800 lb/ac with 37 parts of carbon to
 * nitrogen are worth $20.20/ac where weeds are as usual.
 *
 * @param suppression share of the weeds kept down, 0–1
 * @param saved chance that the pass after emergence is saved, 0–1
 * @param dollars per acre
 */
public record WeedWorth(double suppression, double saved, double dollars) {
  private static final FigureKey LIGHT = FigureKey.of("worth", "weeds_light");
  private static final FigureKey USUAL = FigureKey.of("worth", "weeds_usual");
  private static final FigureKey HEAVY = FigureKey.of("worth", "weeds_heavy");
  private static final FigureKey ORGANIC_LIGHT = FigureKey.of("worth", "organic_light");
  private static final FigureKey ORGANIC_USUAL = FigureKey.of("worth", "organic_usual");
  private static final FigureKey ORGANIC_HEAVY = FigureKey.of("worth", "organic_heavy");
  private static final FigureKey PASS = FigureKey.of("worth", "post_pass");
  private static final FigureKey ORGANIC_PASS = FigureKey.of("worth", "post_organic");
  private static final FigureKey MAT = FigureKey.of("worth", "mat_for_pass");
  static final FigureKey ERROR = FigureKey.of("worth", "mat_error");
  static final FigureKey WEEKS = FigureKey.of("worth", "weeks_planted");
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  /**
   * Of a mat that dies about when the crop is planted.
   *
   * @param matLbAc when it dies, dry
   * @param carbonToNitrogen of it, which says how fast it rots
   */
  public static WeedWorth of(
      double matLbAc, double carbonToNitrogen, Weeds weeds, boolean organic, Figures figures) {
    double left = matLbAc * Residue.left(figures, carbonToNitrogen, figures.of(WEEKS));
    return ofLeft(left, weeds, organic, figures.of(ERROR), figures);
  }

  /**
   * Of what is left of a mat three weeks after planting.
   *
   * @param error how far it is off, SD of its logarithm
   */
  static WeedWorth ofLeft(
      double left, Weeds weeds, boolean organic, double error, Figures figures) {
    double kept = Suppression.dead(left, weeds.kind(), figures);
    double enough = Suppression.matLike(figures.of(MAT), weeds.kind(), figures);
    double saved = left <= 0 ? 0 : UNIT.cumulativeProbability(Math.log(left / enough) / error);
    double pass = figures.of(organic ? ORGANIC_PASS : PASS);
    return new WeedWorth(
        kept, saved, takenDollars(weeds.load(), organic, figures) * kept + pass * saved);
  }

  /** What weeds take, $/ac. */
  static double takenDollars(WeedLoad weeds, boolean organic, Figures figures) {
    return figures.of(taken(weeds, organic));
  }

  private static FigureKey taken(WeedLoad weeds, boolean organic) {
    return switch (weeds) {
      case LIGHT -> organic ? ORGANIC_LIGHT : LIGHT;
      case USUAL -> organic ? ORGANIC_USUAL : USUAL;
      case HEAVY -> organic ? ORGANIC_HEAVY : HEAVY;
    };
  }
}
