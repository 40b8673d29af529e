package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.cover.CurveScale;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.Route;

/**
 * A cover as the farm means it, and as far as it has come.
 *
 * @param planned day on which the farm means to sow; null: where the window is best
 * @param seeded day on which it was sown; null while it is not
 * @param ended day on which it was rolled, sprayed or otherwise ended; null while it lives
 */
public record CoverPlan(
    Mix mix,
    Goal goal,
    WayIn way,
    Route route,
    LocalDate planned,
    LocalDate seeded,
    LocalDate ended,
    Map<String, Double> stageShift,
    CurveScale scale) {
  public CoverPlan {
    Limits.given("mix", mix);
    Limits.given("goal", goal);
    Limits.given("way in", way);
    Limits.given("how it dies", route);
    stageShift = Map.copyOf(stageShift);
  }

  public static CoverPlan of(Mix mix, Goal goal, WayIn way, Route route) {
    return new CoverPlan(mix, goal, way, route, null, null, null, Map.of(), CurveScale.UNSAMPLED);
  }

  public CoverPlan planned(LocalDate day) {
    return new CoverPlan(mix, goal, way, route, day, seeded, ended, stageShift, scale);
  }

  public CoverPlan sown(LocalDate day) {
    return new CoverPlan(mix, goal, way, route, planned, day, ended, stageShift, scale);
  }

  public boolean rollOnly() {
    return route == Route.ROLL;
  }
}
