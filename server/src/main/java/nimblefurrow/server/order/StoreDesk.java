package nimblefurrow.server.order;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.seeding.SeedStore;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.seed.SeedLots;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is left of the seed lots after what the logbook says was sown. */
@Service
class StoreDesk {
  record LeftView(UUID lotId, String species, double leftLb) {}

  private final Farms farms;
  private final SeedLots lots;
  private final Journal journal;

  StoreDesk(Farms farms, SeedLots lots, Journal journal) {
    this.farms = farms;
    this.lots = lots;
    this.journal = journal;
  }

  @Transactional(readOnly = true)
  List<LeftView> left(UUID farmId) {
    List<SeedStore.Sown> sown =
        journal.until(farmId, farms.today(farms.view(farmId))).stream()
            .filter(e -> e.fact() instanceof Sown && !e.noted().lot().isBlank())
            .flatMap(
                e ->
                    e.noted().pounds().stream()
                        .map(lb -> new SeedStore.Sown(e.noted().lot(), Mass.ofPounds(lb))))
            .toList();
    return lots.all(farmId).stream()
        .map(
            l ->
                new LeftView(
                    l.id(),
                    l.species(),
                    SeedStore.left(l.name(), Mass.ofPounds(l.pounds()), sown).pounds()))
        .toList();
  }
}
