package nimblefurrow.core.season.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;

/**
 * What counts in some fields say of fields that nobody counted: half of what makes a spring early
 * or late for a species is the same on the whole farm, so a field of the same species and seed
 * moves about half of the way. A count of one's own goes before it.
 */
public final class SharedCounts {
  /**
   * A cover of which stems were counted.
   *
   * @param cover that it is; what it says is of others only
   * @param lot of the seed; empty where nobody wrote it down
   * @param stems the counts of one species, in their order
   */
  public record Counted(
      UUID cover, String species, LocalDate seeded, String lot, List<Sightings.Stems> stems) {}

  private record Known(
      UUID cover, String species, LocalDate spring, String lot, StageBelief held) {}

  private final List<Known> known;

  private SharedCounts(List<Known> known) {
    this.known = known;
  }

  /** What the counts of a farm leave, in an outlook's weather. */
  public static SharedCounts of(List<Counted> counted, Catalogue catalogue, Outlook outlook) {
    List<Known> all = new ArrayList<>();
    for (Counted one : counted) {
      Species species = catalogue.species(one.species());
      CoverPlan plan = plan(species).sown(one.seeded());
      StageBelief held =
          new Sightings(one.stems(), List.of())
              .anchor(plan, StandConditions.ENOUGH, outlook)
              .seen()
              .stages()
              .get(species.id());
      if (held != null) {
        LocalDate spring = CoverStand.sown(Mix.of(species), one.seeded()).spring(outlook.site());
        all.add(new Known(one.cover(), one.species(), spring, one.lot(), held));
      }
    }
    return new SharedCounts(all);
  }

  private static CoverPlan plan(Species species) {
    return CoverPlan.of(
        Mix.of(species), Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.ROLL);
  }

  /**
   * A sown plan with what counts elsewhere say of its members; as it is where they say nothing.
   *
   * @param cover that it is, whose own counts are left to it
   * @param lot of its seed
   */
  public CoverPlan over(CoverPlan plan, UUID cover, String lot, Outlook outlook) {
    if (plan.seeded() == null || known.isEmpty()) {
      return plan;
    }
    Map<String, StageBelief> stages = new HashMap<>(plan.seen().stages());
    for (Species species : plan.mix().winterHardy()) {
      LocalDate spring = CoverStand.sown(plan.mix(), plan.seeded()).spring(outlook.site());
      mean(species, cover, spring, lot)
          .map(held -> held.inAnotherField(outlook.figures()))
          .ifPresent(held -> stages.put(species.id(), held));
    }
    return plan.with(new CoverSeen(stages, MatBelief.UNSEEN, plan.seen().plants()));
  }

  /** What the counted fields hold together: the mean of their moves, as sure as the surest. */
  private Optional<StageBelief> mean(Species species, UUID cover, LocalDate spring, String lot) {
    List<Known> alike =
        known.stream()
            .filter(k -> k.species().equals(species.id()))
            .filter(k -> k.spring().equals(spring) && k.lot().equals(lot))
            .filter(k -> !k.cover().equals(cover))
            .toList();
    if (alike.isEmpty()) {
      return Optional.empty();
    }
    double later = alike.stream().mapToDouble(k -> k.held().laterBy()).average().orElse(0);
    double sd = alike.stream().mapToDouble(k -> k.held().sd()).min().orElseThrow();
    return Optional.of(new StageBelief(later, sd, Optional.empty()));
  }
}
