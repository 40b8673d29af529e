package nimblefurrow.server.order;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SeedOffers extends Repository<SeedOffer, UUID> {
  List<SeedOffer> findByFarmIdOrderBySpecies(UUID farmId);

  Optional<SeedOffer> findByFarmIdAndSpecies(UUID farmId, String species);

  SeedOffer save(SeedOffer offer);
}
