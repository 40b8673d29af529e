package nimblefurrow.server.farm;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FarmRows extends Repository<Farm, UUID> {
  Optional<Farm> findById(UUID id);

  Optional<Farm> findBySampleOf(UUID farm);

  Farm save(Farm farm);

  Farm saveAndFlush(Farm farm);

  long count();
}
