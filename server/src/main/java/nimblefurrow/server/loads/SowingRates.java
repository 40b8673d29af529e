package nimblefurrow.server.loads;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.loads.OnField;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.cover.SeedLine;
import nimblefurrow.server.cover.SeedNeeds;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;

/**
 * Acres an hour of each machine that sows, on a field and with its seed: fillings, ferries and
 * waiting are in it. The loads page tells it, and the board, its search and every sheet go by it. A
 * machine that is not set up yet, or that cannot carry the seed, has none here and goes by its own
 * field capacity.
 */
public final class SowingRates {
  private final SeedNeeds covers;
  private final FarmDay farm;
  private final List<MachineView> machines;
  private final LoadDesk.Yard yard;
  private final Map<String, SeedTag> tags;

  SowingRates(SeedNeeds covers, FarmDay farm, List<MachineView> machines, LoadDesk.Yard yard) {
    this.covers = covers;
    this.farm = farm;
    this.machines = machines;
    this.yard = yard;
    this.tags = covers.tags(farm);
  }

  /** Rates by machine for the cover as it is planned. */
  public Map<String, WorkRate> planned(FieldSeasons field) {
    return field
        .now()
        .field()
        .cover()
        .map(plan -> rates(field, plan.way(), covers.seed(farm, field, tags)))
        .orElse(Map.of());
  }

  /** Rates by machine for the cover as another way in would sow it, at that way's own seed rate. */
  public Map<String, WorkRate> by(FieldSeasons field, SeedingMethod way) {
    return field
        .cover()
        .map(c -> rates(field, way, covers.seed(farm, field, c.cover().by(way))))
        .orElse(Map.of());
  }

  private Map<String, WorkRate> rates(FieldSeasons field, SeedingMethod way, List<SeedLine> seed) {
    Map<String, WorkRate> rates = new HashMap<>();
    if (seed.isEmpty() || machines.stream().noneMatch(m -> m.kind() == way.machine())) {
      return rates;
    }
    SeedBlend blend = LoadDesk.blend(farm, seed);
    OnField on = FillingPlace.of(yard, field.field()).on(field.field());
    for (MachineView machine : machines) {
      if (machine.kind() == way.machine()) {
        rate(machine, on, LoadDesk.passes(way, blend))
            .ifPresent(rate -> rates.put(machine.id().toString(), rate));
      }
    }
    return rates;
  }

  private static Optional<WorkRate> rate(MachineView machine, OnField on, List<SeedBlend> passes) {
    try {
      return Rigs.of(machine, passes.get(0).figures()).rate(on, passes);
    } catch (OutOfRange notSetUp) {
      return Optional.empty();
    }
  }
}
