package nimblefurrow.server.farm;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SeedLotRows extends Repository<SeedLot, UUID> {
  List<SeedLot> findByFarmIdOrderBySpeciesAscNameAsc(UUID farmId);

  Optional<SeedLot> findByFarmIdAndId(UUID farmId, UUID id);

  SeedLot save(SeedLot lot);

  void delete(SeedLot lot);
}
