package nimblefurrow.core.termination.route;

import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;

/** A way of ending that has its place but no rules yet: nobody can choose it. */
record NotOffered(Route route) implements Ending {
  @Override
  public RouteOutlook outlook() {
    return RouteOutlook.impossible(
        route,
        Reason.of("{} is not worked out here", route.words()),
        Reason.of("choose another way of ending it"));
  }
}
