package nimblefurrow.core.scouting;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/** How weedy a field is, by tenths of the ground under weeds: 3 of 10 are usual. */
public enum WeedLoad {
  LIGHT("few weeds"),
  USUAL("weeds as usual"),
  HEAVY("many weeds");

  private static final FigureKey FEW = FigureKey.of("scouting", "weeds_light");
  private static final FigureKey MANY = FigureKey.of("scouting", "weeds_heavy");
  private final String words;

  WeedLoad(String words) {
    this.words = words;
  }

  /** As it is said. */
  public String words() {
    return words;
  }

  /** What a mean score of 0–10 stands for. */
  public static WeedLoad of(double score, Figures figures) {
    if (score <= figures.of(FEW)) {
      return LIGHT;
    }
    return score >= figures.of(MANY) ? HEAVY : USUAL;
  }
}
