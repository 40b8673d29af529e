package nimblefurrow.server.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FarmMachines extends Repository<FarmMachine, UUID> {
  List<FarmMachine> findByFarmIdOrderByName(UUID farmId);

  Optional<FarmMachine> findByFarmIdAndIdAndRetiredFalse(UUID farmId, UUID id);

  FarmMachine saveAndFlush(FarmMachine machine);

  void delete(FarmMachine machine);
}
