package nimblefurrow.server.field;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FieldZones extends Repository<FieldZone, UUID> {
  List<FieldZone> findByFarmIdOrderByName(UUID farmId);

  List<FieldZone> findByFarmIdAndFieldIdOrderByName(UUID farmId, UUID fieldId);

  Optional<FieldZone> findByFarmIdAndId(UUID farmId, UUID id);

  FieldZone saveAndFlush(FieldZone zone);

  void delete(FieldZone zone);
}
