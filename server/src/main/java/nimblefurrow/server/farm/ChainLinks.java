package nimblefurrow.server.farm;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ChainLinks extends Repository<ChainLink, UUID> {
  List<ChainLink> findByFarmIdOrderByFieldIdAscStartsAsc(UUID farmId);

  List<ChainLink> findByFarmIdAndFieldIdOrderByStarts(UUID farmId, UUID fieldId);

  Optional<ChainLink> findByFarmIdAndId(UUID farmId, UUID id);

  ChainLink save(ChainLink link);

  void delete(ChainLink link);
}
