package nimblefurrow.server.seed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SeedLotRows extends Repository<SeedLot, UUID> {
  List<SeedLot> findByFarmIdAndRetiredFalseOrderBySpeciesAscNameAsc(UUID farmId);

  Optional<SeedLot> findByFarmIdAndIdAndRetiredFalse(UUID farmId, UUID id);

  SeedLot saveAndFlush(SeedLot lot);

  void delete(SeedLot lot);
}
