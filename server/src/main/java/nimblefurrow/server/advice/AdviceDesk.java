package nimblefurrow.server.advice;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.advice.Advice;
import nimblefurrow.core.advice.Ask;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.land.Herbicides.UseView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.stereotype.Component;

/** Asks core what to sow, for one field or for many. */
@Component
class AdviceDesk {
  private static final int MOST_SPECIES = 3;

  /** What the farm's machines can do: the ways in, and the least rate that each meters. */
  record Yard(Set<SeedingMethod> owned, Map<SeedingMethod, Double> least) {}

  /** What a person wants of a cover. */
  record Wish(
      Map<Goal, Double> goals,
      Set<SeedingMethod> ways,
      TerminationMethod termination,
      Integer mostSpecies) {}

  private final Lores lores;
  private final Machines machines;

  AdviceDesk(Lores lores, Machines machines) {
    this.lores = lores;
    this.machines = machines;
  }

  Yard yard(UUID farm) {
    Map<SeedingMethod, Double> least = new EnumMap<>(SeedingMethod.class);
    Set<SeedingMethod> owned = EnumSet.noneOf(SeedingMethod.class);
    for (MachineView machine : machines.all(farm)) {
      SeedingMethod.of(machine.kind())
          .ifPresent(
              way -> {
                owned.add(way);
                Double meterable = machine.setup().leastRateLbAc();
                least.merge(way, meterable == null ? 0 : meterable, Math::min);
              });
    }
    return new Yard(owned, least);
  }

  /** The ways asked for, else those that the farm has a machine for, else the drill. */
  Set<SeedingMethod> ways(Set<SeedingMethod> asked, Yard yard) {
    if (asked != null && !asked.isEmpty()) {
      return asked;
    }
    return yard.owned().isEmpty() ? EnumSet.of(SeedingMethod.DRILL) : yard.owned();
  }

  Advice advice(FarmDay farm, FieldSeasons field, Wish wish, Yard yard, List<UseView> herbicides) {
    var now = field.now().field();
    Ask ask =
        new Ask(
            field.now().crop(),
            wish.goals(),
            wish.ways(),
            wish.termination(),
            now.next(),
            now.facts().soil(),
            now.facts().organic(),
            herbicides.stream().map(UseView::restriction).toList(),
            yard.least(),
            farm.farm().rules(),
            wish.mostSpecies() == null ? MOST_SPECIES : wish.mostSpecies(),
            field.clears());
    return Advice.of(ask, farm.catalogue(), lores.of(farm));
  }
}
