package nimblefurrow.core.loads;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * What a machine that sows is made of, each kind with what it has and nothing else: a drone its
 * batteries, a slurry tank its gallons. What it does in an hour on a field, its loads and what
 * holds it back are asked here by whoever wants to know, the board and the price as the loads page.
 * Example: {@code new Wheeled(hopper, rate, fill, tender).rate(field, List.of(blend))}. Not what
 * somebody typed of a machine, and not machines that carry no seed: these go by their field
 * capacity.
 */
public sealed interface SetUp permits Wheeled, Combine, Aircraft, Drone, SlurryTank {
  /** Loads, hours and what limits them for one pass; says why where nothing can be carried. */
  LoadPlan plan(OnField field, SeedBlend blend);

  /** The same for several passes, one after the other. */
  default List<LoadPlan> plans(OnField field, List<SeedBlend> passes) {
    return passes.stream().map(pass -> plan(field, pass)).toList();
  }

  /** Acres an hour, filling and waiting in them; empty where a pass cannot be done. */
  default Optional<WorkRate> rate(OnField field, List<SeedBlend> passes) {
    return LoadPlan.rate(plans(field, passes), field.area());
  }
}
