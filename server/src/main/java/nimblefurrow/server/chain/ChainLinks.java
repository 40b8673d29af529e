package nimblefurrow.server.chain;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ChainLinks extends Repository<LinkRow, UUID> {
  List<LinkRow> findByFarmIdAndRetiredFalseOrderByFieldIdAscPlaceAsc(UUID farmId);

  List<LinkRow> findByFarmIdAndFieldIdAndRetiredFalseOrderByPlace(UUID farmId, UUID fieldId);

  List<LinkRow> findByFarmIdAndKind(UUID farmId, LinkKind kind);

  Optional<LinkRow> findByFarmIdAndIdAndRetiredFalse(UUID farmId, UUID id);

  LinkRow save(LinkRow link);

  LinkRow saveAndFlush(LinkRow link);

  void delete(LinkRow link);
}
