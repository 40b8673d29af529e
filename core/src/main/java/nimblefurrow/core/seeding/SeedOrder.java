package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What seed to buy for all fields: what they need and the spare, less what is in store, rounded up
 * to whole bags or totes.
 */
public final class SeedOrder {
  /** Bulk pounds that a field needs of a species. */
  public record Need(Species species, String field, Mass bulk) {}

  /** How a species is sold: by whom, in packs of how many pounds, at what price a pound. */
  public record Offer(String dealer, Mass pack, double pricePerPound) {
    public Offer {
      Limits.positive("pack", pack.pounds(), 5000, Unit.POUND);
      Limits.within("price", pricePerPound, 0, 100, Unit.DOLLAR_PER_POUND);
    }
  }

  /**
   * One species of the order.
   *
   * @param needed for all fields with the spare
   * @param inStore of it in the farm's own lots
   * @param short what the store lacks
   * @param bought short rounded up to packs
   */
  public record Line(
      Species species,
      List<Need> fields,
      Mass needed,
      Mass inStore,
      Mass shortfall,
      int packs,
      Mass bought,
      Offer offer,
      Money cost) {}

  private SeedOrder() {}

  /**
   * @param spare ordered beyond the need, for example 0.03
   * @param store bulk pounds in store by species id
   * @param offers how each species is sold, by species id; others come in 50-lb bags at the
   *     catalogue's price
   * @throws OutOfRange when nothing is needed at all
   */
  public static List<Line> of(
      List<Need> needs, double spare, Map<String, Mass> store, Map<String, Offer> offers) {
    Limits.within("spare as a share of the need", spare, 0, 0.5, Unit.NONE);
    Map<Species, List<Need>> bySpecies = new LinkedHashMap<>();
    needs.stream()
        .filter(n -> n.bulk().pounds() > 0)
        .forEach(n -> bySpecies.computeIfAbsent(n.species(), s -> new ArrayList<>()).add(n));
    if (bySpecies.isEmpty()) {
      throw new OutOfRange("order", "no field wants seed: plan a cover first, then order");
    }
    List<Line> lines = new ArrayList<>();
    bySpecies.forEach(
        (species, fields) ->
            lines.add(
                line(
                    species,
                    fields,
                    spare,
                    store.getOrDefault(species.id(), Mass.ofPounds(0)),
                    offers.getOrDefault(
                        species.id(), new Offer("", Mass.ofPounds(50), species.pricePerPound())))));
    return lines;
  }

  private static Line line(
      Species species, List<Need> fields, double spare, Mass store, Offer offer) {
    double needed = fields.stream().mapToDouble(n -> n.bulk().pounds()).sum() * (1 + spare);
    double shortfall = Math.max(0, needed - store.pounds());
    int packs = (int) Math.ceil(shortfall / offer.pack().pounds() - 1e-9);
    double bought = packs * offer.pack().pounds();
    return new Line(
        species,
        List.copyOf(fields),
        Mass.ofPounds(needed),
        store,
        Mass.ofPounds(shortfall),
        packs,
        Mass.ofPounds(bought),
        offer,
        Money.of(bought * offer.pricePerPound()));
  }
}
