package nimblefurrow.core.termination.route;

import java.util.List;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.KillDate;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;

/**
 * The ways of ending a cover on a field: what rules a way out at once, and who works out the rest.
 */
public final class RouteRules {
  private final EndingStand stand;
  private final List<KillDate> killDates;

  /** Ways of ending a stand before the next crop. */
  public RouteRules(MatForecast mat, NextCrop next, boolean organic, HouseRules rules) {
    this(mat, next, organic, rules, List.of());
  }

  /** The same under days that insurers and programmes set. */
  public RouteRules(
      MatForecast mat, NextCrop next, boolean organic, HouseRules rules, List<KillDate> killDates) {
    this.stand = new EndingStand(mat, next, organic, rules);
    this.killDates = List.copyOf(killDates);
  }

  /** One way of ending it; impossible where the field or the cover rules it out. */
  public RouteOutlook route(Route route) {
    if (route.usesHerbicide() && stand.organic()) {
      return RouteOutlook.impossible(
          route,
          Reason.of("this field is organic: herbicide is ruled out"),
          Reason.of("roll and crimp, or sow a cover that the winter kills"));
    }
    if (stand.alive().isEmpty() && route != Route.WINTER_KILL) {
      return RouteOutlook.impossible(
          route,
          Reason.of("nothing here outlives the winter, so there is nothing to kill"),
          Reason.of("add cereal rye or another winter species for a spring mat"));
    }
    RouteOutlook told = Endings.of(route, stand).outlook();
    List<Reason> broken =
        killDates.stream()
            .flatMap(
                date ->
                    told.aim().flatMap(day -> date.brokenBy(day, stand.next().planned())).stream())
            .toList();
    return told.against(broken);
  }
}
