package nimblefurrow.core.termination.method;

import nimblefurrow.core.termination.TerminationMethod;

/** Which class works out which way of ending. */
public final class Terminations {
  private Terminations() {}

  /** The way of a route for a stand. */
  public static Termination of(TerminationMethod termination, StandToTerminate stand) {
    return switch (termination) {
      case EARLY_SPRAY -> stand::earlySpray;
      case PLANT_GREEN -> new PlantGreen(stand);
      case ROLL -> new RollAndCrimp(stand);
      case ROLL_AFTER -> new RollOverCrop(stand);
      case ROLL_AND_SPRAY -> new RollAndSpray(stand);
      case WINTER_KILL -> new WinterKilled(stand);
      case TILLAGE -> new Tilled(stand);
      case MOWING -> new Mown(stand);
      case BETWEEN_ROWS -> new BetweenRows(stand);
      case GRAZING -> new Grazed(stand);
      case HAY -> new CutForHay(stand);
      case STRIPS -> new RowStrips(stand);
    };
  }
}
