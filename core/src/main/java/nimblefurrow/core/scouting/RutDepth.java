package nimblefurrow.core.scouting;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Depth of ruts at some spots: from two inches in the mean a roller rides over what stands in them.
 */
public record RutDepth(SampleMean inches) {
  private static final FigureKey DEPTH = FigureKey.of("scouting", "rut_depth");

  /** Whether a roller rides over them. */
  public boolean hinders(Figures figures) {
    return inches.mean() >= figures.of(DEPTH);
  }
}
