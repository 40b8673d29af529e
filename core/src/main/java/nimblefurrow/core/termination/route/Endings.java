package nimblefurrow.core.termination.route;

import nimblefurrow.core.termination.Route;

/** Which class works out which way of ending. */
public final class Endings {
  private Endings() {}

  /** The way of a route for a stand. */
  public static Ending of(Route route, EndingStand stand) {
    return switch (route) {
      case EARLY_SPRAY -> new EarlySpray(stand);
      case PLANT_GREEN -> new PlantGreen(stand);
      case ROLL -> new RollAndCrimp(stand);
      case WINTER_KILL -> new WinterKilled(stand);
      case ROLL_AND_SPRAY, TILLAGE, MOWING, GRAZING, HAY, STRIPS -> new NotOffered(route);
    };
  }
}
