package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;

/**
 * What is asked of a field.
 *
 * @param goals weight of each goal, more than 0
 * @param ways ways in that the farm has or can hire
 * @param leastMeterable lightest bulk rate (lb/ac) that the machine of a way in meters; ways
 *     without one are not held to any
 * @param mostSpecies 1 to 3
 * @param clears the day on which the cover makes room for another; empty where it may winter
 */
public record Ask(
    CropCalendar crop,
    Map<Goal, Double> goals,
    Set<SeedingMethod> ways,
    TerminationMethod termination,
    NextCrop next,
    SoilTexture soil,
    boolean organic,
    List<Restriction> restrictions,
    Map<SeedingMethod, Double> leastMeterable,
    HouseRules rules,
    int mostSpecies,
    Optional<LocalDate> clears) {
  public Ask {
    Limits.given("crop", crop);
    Limits.given("how it dies", termination);
    goals = Map.copyOf(goals);
    ways = Set.copyOf(ways);
    restrictions = List.copyOf(restrictions);
    leastMeterable = Map.copyOf(leastMeterable);
    Limits.within("species in a mix", mostSpecies, 1, 3, Unit.NONE);
    goals.values().forEach(w -> Limits.positive("weight of a goal", w, 10, Unit.NONE));
    if (goals.isEmpty()) {
      throw new OutOfRange("goals", "say at least one thing that the cover is for");
    }
    if (ways.isEmpty()) {
      throw new OutOfRange("ways in", "name at least one way in that you have or can hire");
    }
  }

  /** How well a share of service by goal adds up under the weights, 0–1. */
  double weighed(java.util.function.ToDoubleFunction<Goal> served) {
    double sum = 0;
    double weights = 0;
    for (Map.Entry<Goal, Double> goal : goals.entrySet()) {
      sum += goal.getValue() * served.applyAsDouble(goal.getKey());
      weights += goal.getValue();
    }
    return sum / weights;
  }
}
