package nimblefurrow.server.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.SeedOrder;
import nimblefurrow.core.seeding.SeedOrder.Need;
import nimblefurrow.core.seeding.SeedOrder.Offer;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.server.cover.SeedNeeds;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.Trouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds up what all fields still to be sown need, and what of it must be bought. */
@Service
public class OrderDesk {
  record FieldNeed(String field, double pounds) {}

  record LineView(
      String species,
      String name,
      List<FieldNeed> fields,
      double neededLb,
      double inStoreLb,
      double shortLb,
      int packs,
      double packLb,
      double boughtLb,
      String dealer,
      double pricePerLb,
      double cost) {}

  record DealerView(String dealer, int packs, double pounds, double cost) {}

  /** A field whose seed cannot be reckoned, and why; the order is without it. */
  record MissingView(String field, String says) {}

  record OrderView(
      String farm,
      UnitSystem units,
      double spare,
      List<LineView> lines,
      List<DealerView> dealers,
      double cost,
      List<MissingView> missing) {}

  /** A price as typed or pasted; pounds in a pack. */
  public record Price(String species, String dealer, double packLb, double pricePerLb) {}

  private final Seasons seasons;
  private final SeedNeeds desk;
  private final StoreDesk store;
  private final SeedOffers offers;

  OrderDesk(Seasons seasons, SeedNeeds desk, StoreDesk store, SeedOffers offers) {
    this.seasons = seasons;
    this.desk = desk;
    this.store = store;
    this.offers = offers;
  }

  OrderView order(UUID farmId) {
    FarmSeason farm =
        seasons
            .of(farmId)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    List<Need> needs = new ArrayList<>();
    List<Trouble> troubles = new ArrayList<>(farm.troubles());
    var tags = desk.tags(farm.day());
    for (FieldSeasons field : farm.covers()) {
      boolean open = field.now().field().cover().filter(c -> c.seeded() == null).isPresent();
      field.broken().ifPresent(b -> troubles.add(new Trouble(field.field(), b.says())));
      if (open) {
        Trouble.attempt(field.field(), () -> needs(farm.day(), field, tags), troubles::add)
            .ifPresent(needs::addAll);
      }
    }
    Map<String, Mass> store = new HashMap<>();
    this.store
        .left(farmId)
        .forEach(l -> store.merge(l.species(), Mass.ofPounds(l.leftLb()), Mass::plus));
    Map<String, Offer> kept = new HashMap<>();
    offers
        .findByFarmIdOrderBySpecies(farmId)
        .forEach(
            o ->
                kept.put(
                    o.species, new Offer(o.dealer, Mass.ofPounds(o.packPounds), o.pricePerPound)));
    List<LineView> lines =
        SeedOrder.of(needs, farm.day().farm().spare(), store, kept).stream()
            .map(OrderDesk::view)
            .sorted(Comparator.comparing(LineView::name))
            .toList();
    Map<String, DealerView> dealers = new java.util.TreeMap<>();
    for (LineView line : lines) {
      if (line.packs() > 0) {
        dealers.merge(
            line.dealer(),
            new DealerView(line.dealer(), line.packs(), line.boughtLb(), line.cost()),
            (a, b) ->
                new DealerView(
                    a.dealer(),
                    a.packs() + b.packs(),
                    a.pounds() + b.pounds(),
                    a.cost() + b.cost()));
      }
    }
    return new OrderView(
        farm.day().farm().name(),
        farm.day().units(),
        farm.day().farm().spare(),
        lines,
        List.copyOf(dealers.values()),
        lines.stream().mapToDouble(LineView::cost).sum(),
        troubles.stream()
            .map(t -> new MissingView(t.field().name(), t.says().in(farm.day().units())))
            .toList());
  }

  private List<Need> needs(FarmDay farm, FieldSeasons field, Map<String, SeedTag> tags) {
    return desk.seed(farm, field, tags).stream()
        .map(
            member ->
                new Need(
                    farm.catalogue().species(member.species()),
                    field.field().name(),
                    Mass.ofPounds(member.fieldPounds())))
        .toList();
  }

  /** Keeps prices, all of them or none. */
  @Transactional
  public void prices(UUID farmId, List<Price> typed) {
    if (typed.isEmpty()) {
      throw new OutOfRange("prices", "there are no prices to keep");
    }
    Set<String> once = new HashSet<>();
    for (Price price : typed) {
      if (!once.add(price.species())) {
        throw new OutOfRange("prices", price.species() + " is priced twice");
      }
      new Offer(price.dealer(), Mass.ofPounds(price.packLb()), price.pricePerLb());
      Catalogue.shipped().species(price.species());
      SeedOffer row =
          offers
              .findByFarmIdAndSpecies(farmId, price.species())
              .orElseGet(() -> new SeedOffer(farmId, price.species()));
      row.dealer = price.dealer() == null ? "" : price.dealer().strip();
      row.packPounds = price.packLb();
      row.pricePerPound = price.pricePerLb();
      offers.save(row);
    }
  }

  /** Refuses a price that was typed over another than the one that is kept. */
  @Transactional(readOnly = true)
  public void refuseOther(UUID farmId, String species, Double was) {
    offers
        .findByFarmIdAndSpecies(farmId, species)
        .ifPresent(kept -> Conflict.refuseOther(kept.pricePerPound, was));
  }

  private static LineView view(SeedOrder.Line l) {
    return new LineView(
        l.species().id(),
        l.species().name(),
        l.fields().stream().map(f -> new FieldNeed(f.field(), f.bulk().pounds())).toList(),
        l.needed().pounds(),
        l.inStore().pounds(),
        l.shortfall().pounds(),
        l.packs(),
        l.offer().pack().pounds(),
        l.bought().pounds(),
        l.offer().dealer() == null ? "" : l.offer().dealer(),
        l.offer().pricePerPound(),
        l.cost().value());
  }
}
