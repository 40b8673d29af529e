package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.quantity.Mass;

/** Seed lots as they were bought, and what is left of them after sowing. */
public final class SeedStore {
  /** Seed sown out of a lot, named as in the logbook. */
  public record Sown(String lot, Mass seed) {}

  private SeedStore() {}

  /**
   * What is left of a lot; 0 when more was logged than was bought. Lot names are the same whatever
   * their letters' case.
   */
  public static Mass left(String lot, Mass bought, List<Sown> sown) {
    double used =
        sown.stream()
            .filter(s -> s.lot().strip().equalsIgnoreCase(lot.strip()))
            .mapToDouble(s -> s.seed().pounds())
            .sum();
    return Mass.ofPounds(Math.max(0, bought.pounds() - used));
  }
}
