package nimblefurrow.core.scouting;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What a thin stand of small grain can still become: each plant puts on a stem for every 110
 * °F-days that are left before it joints, up to eight. Four plants of rye by square foot with 550
 * °F-days ahead can become 24 stems.
 */
public final class Tillering {
  private static final FigureKey HEAT = FigureKey.of("scouting", "tiller_heat");
  private static final FigureKey MOST = FigureKey.of("scouting", "tillers_most");

  private Tillering() {}

  /**
   * Stems by square foot that so many plants can become.
   *
   * @param heatLeft °F-days (base 40) before jointing
   */
  public static double stems(double plants, double heatLeft, Figures figures) {
    double each = 1 + Math.max(0, heatLeft) / figures.of(HEAT);
    return plants * Math.min(figures.of(MOST), each);
  }
}
