package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * A cover as the farm means it, and as far as it has come.
 *
 * @param planned day on which the farm means to sow; null: where the window is best
 * @param seeded day on which it was sown; null while it is not
 * @param ended day on which it was rolled, sprayed or otherwise ended; null while it lives
 * @param seen what people saw of it in the field
 * @param side goes over the field that belong to the sowing
 * @param clearing how it makes room for another cover; null where a cash crop follows
 */
public record CoverPlan(
    Mix mix,
    Goal goal,
    SeedingMethod way,
    TerminationMethod termination,
    LocalDate planned,
    LocalDate seeded,
    LocalDate ended,
    CoverSeen seen,
    SideWork side,
    Clearing clearing) {
  public CoverPlan {
    Limits.given("mix", mix);
    Limits.given("goal", goal);
    Limits.given("way in", way);
    Limits.given("how it dies", termination);
    Limits.given("what was seen", seen);
  }

  /** A cover as it is first meant: no day, nothing seen, no work beside the sowing. */
  public static CoverPlan of(Mix mix, Goal goal, SeedingMethod way, TerminationMethod termination) {
    return new CoverPlan(
        mix, goal, way, termination, null, null, null, CoverSeen.NOTHING, SideWork.USUAL, null);
  }

  /** The same, to be sown on a day; null: where the window is best. */
  public CoverPlan planned(LocalDate day) {
    return days(day, seeded, ended);
  }

  /** The same, sown on a day. */
  public CoverPlan sown(LocalDate day) {
    return days(planned, day, ended);
  }

  /** The same, ended on a day. */
  public CoverPlan ended(LocalDate day) {
    return days(planned, seeded, day);
  }

  /** The same, sown another way, on that way's own best days. */
  public CoverPlan by(SeedingMethod other) {
    return new CoverPlan(mix, goal, other, termination, null, seeded, ended, seen, side, clearing);
  }

  /** The same with the goes that belong to its sowing. */
  public CoverPlan with(SideWork work) {
    return new CoverPlan(mix, goal, way, termination, planned, seeded, ended, seen, work, clearing);
  }

  /** The same, making room for another cover. */
  public CoverPlan with(Clearing room) {
    return new CoverPlan(mix, goal, way, termination, planned, seeded, ended, seen, side, room);
  }

  /** The same with what was seen of it in the field. */
  public CoverPlan with(CoverSeen told) {
    return new CoverPlan(mix, goal, way, termination, planned, seeded, ended, told, side, clearing);
  }

  private CoverPlan days(LocalDate meant, LocalDate sown, LocalDate gone) {
    return new CoverPlan(mix, goal, way, termination, meant, sown, gone, seen, side, clearing);
  }

  /** The day on which it makes room for another cover; empty where a cash crop follows. */
  public Optional<LocalDate> clears() {
    return Optional.ofNullable(clearing).map(Clearing::day);
  }

  /** Whether the roller alone has to end it, which asks for a thick stand. */
  public boolean rollOnly() {
    return termination == TerminationMethod.ROLL;
  }
}
