package nimblefurrow.core.cover;

import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What is held of the day on which a species of one field reaches its stages: how much later than
 * the figures say, and how sure that is. Before any count a field strays from the figures by 90
 * °F-days (SD); thirty of fifty stems past flowering at 890 leave 878.8 ± 18.6 of 900 ± 90. Not the
 * scatter of the stems within the field.
 *
 * @param laterBy °F-days by which the stages come later than the figures
 * @param sd how sure that is, °F-days (SD), more than 0
 * @param countedAt the field's heat at the last count, °F-days; empty while none was made
 */
public record StageBelief(double laterBy, double sd, Optional<Double> countedAt) {
  private static final FigureKey BEFORE = FigureKey.of("cover", "stage_error");
  private static final FigureKey DRIFT = FigureKey.of("cover", "stage_drift");
  private static final FigureKey SHARED = FigureKey.of("cover", "stage_shared");

  /** What is held before anything was counted. */
  public static StageBelief uncounted(Figures figures) {
    return new StageBelief(0, figures.of(BEFORE), Optional.empty());
  }

  /**
   * How sure a stage's mean is: further stages than the one counted are less sure, by a tenth of
   * the heat that they are off.
   *
   * @param goal mean of the stage, °F-days
   */
  public double sdOf(double goal, Figures figures) {
    double toGo = countedAt.map(h -> Math.max(0, goal - h)).orElse(0.0);
    return Math.hypot(sd, figures.of(DRIFT) * toGo);
  }

  /**
   * What a count in one field says of another field of the same species and seed that was not
   * counted: it moves about half of the way, and grows a little surer.
   */
  public StageBelief inAnotherField(Figures figures) {
    double way = figures.of(SHARED);
    double before = figures.of(BEFORE);
    double variance = before * before - way * way * (before * before - sd * sd);
    return new StageBelief(way * laterBy, Math.sqrt(variance), Optional.empty());
  }
}
