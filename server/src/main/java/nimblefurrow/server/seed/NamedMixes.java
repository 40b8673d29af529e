package nimblefurrow.server.seed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface NamedMixes extends Repository<NamedMix, UUID> {
  List<NamedMix> findByFarmIdOrderByName(UUID farmId);

  Optional<NamedMix> findByFarmIdAndId(UUID farmId, UUID id);

  Optional<NamedMix> findByFarmIdAndNameIgnoreCase(UUID farmId, String name);

  NamedMix save(NamedMix mix);

  void delete(NamedMix mix);
}
