package nimblefurrow.server.chain;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ChainLinks extends Repository<ChainLink, UUID> {
  List<ChainLink> findByFarmIdAndRetiredFalseOrderByFieldIdAscPlaceAsc(UUID farmId);

  List<ChainLink> findByFarmIdAndFieldIdAndRetiredFalseOrderByPlace(UUID farmId, UUID fieldId);

  List<ChainLink> findByFarmIdAndKind(UUID farmId, LinkKind kind);

  Optional<ChainLink> findByFarmIdAndIdAndRetiredFalse(UUID farmId, UUID id);

  ChainLink save(ChainLink link);

  ChainLink saveAndFlush(ChainLink link);

  void delete(ChainLink link);
}
