package nimblefurrow.server.farm;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LandFields extends Repository<LandField, UUID> {
  List<LandField> findByFarmIdAndRetiredFalseOrderByName(UUID farmId);

  Optional<LandField> findByFarmIdAndId(UUID farmId, UUID id);

  Optional<LandField> findFirstByFarmIdAndRetiredFalseAndNameIgnoreCase(UUID farmId, String name);

  LandField save(LandField field);

  void delete(LandField field);
}
