package nimblefurrow.core.seeding;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;

/**
 * One member of a mix worked out for a field: live and bulk rate, live seeds and expected plants
 * per ft², pounds, 50-lb bags with the spare, and cost of the bulk seed per acre.
 */
public record MemberRate(
    Species species,
    double share,
    SeedRate live,
    SeedRate bulk,
    double liveSeedsPerSquareFoot,
    double plantsPerSquareFoot,
    Mass forField,
    int bags,
    Money costPerAcre,
    List<Reason> notes) {

  /** How the expected plants compare with what the species wants for its share of a stand. */
  public enum Stand {
    GOOD("good stand"),
    FAIR("fair stand"),
    POOR("poor stand");

    private final String words;

    Stand(String words) {
      this.words = words;
    }

    /** How the stand is called: "good stand". */
    public String words() {
      return words;
    }
  }

  /** The stand to expect; empty where the species has no figure. */
  public Optional<Stand> stand() {
    double wanted = Math.min(1, share);
    return species
        .goodStand()
        .filter(good -> species.poorStand().isPresent())
        .map(
            good ->
                plantsPerSquareFoot >= good * wanted
                    ? Stand.GOOD
                    : plantsPerSquareFoot >= species.poorStand().get() * wanted
                        ? Stand.FAIR
                        : Stand.POOR);
  }
}
