package nimblefurrow.server.land;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface HerbicideUses extends Repository<HerbicideUse, UUID> {
  List<HerbicideUse> findByFarmIdAndFieldIdOrderByAppliedOnDesc(UUID farmId, UUID fieldId);

  List<HerbicideUse> findByFarmIdOrderByAppliedOnDesc(UUID farmId);

  Optional<HerbicideUse> findByFarmIdAndId(UUID farmId, UUID id);

  HerbicideUse save(HerbicideUse use);

  void delete(HerbicideUse use);
}
