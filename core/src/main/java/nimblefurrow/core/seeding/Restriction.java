package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;

/**
 * A herbicide in the soil that keeps some covers out for a while, as the farm has read it from the
 * label.
 *
 * @param active active ingredient
 * @param days from application to sowing
 * @param families kept out; {@code species} by id are kept out besides
 */
public record Restriction(
    String active, LocalDate applied, int days, Set<Family> families, Set<String> species) {
  public Restriction {
    Limits.given("active ingredient", active);
    Limits.given("day of application", applied);
    Limits.within("days to sowing", days, 0, 1500, Unit.DAY);
    families = Set.copyOf(families);
    species = Set.copyOf(species);
  }

  /** The first day on which the barred species may be sown. */
  public LocalDate until() {
    return applied.plusDays(days);
  }

  /** Why a species may not be sown on a day; empty when it may. */
  public Optional<Reason> against(Species s, LocalDate sowing) {
    boolean meant = families.contains(s.family()) || species.contains(s.id());
    return meant && sowing.isBefore(until())
        ? Optional.of(
            Reason.of(
                "{} of {} keeps it out until {} as entered from the label",
                active,
                applied,
                until()))
        : Optional.empty();
  }
}
