package nimblefurrow.server.calibration;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CalibrationRows extends Repository<Calibration, UUID> {
  List<Calibration> findByFarmIdAndMachineIdOrderBySeq(UUID farmId, UUID machineId);

  List<Calibration> findByFarmIdOrderBySeq(UUID farmId);

  Optional<Calibration> findByFarmIdAndId(UUID farmId, UUID id);

  Calibration save(Calibration calibration);

  void delete(Calibration calibration);
}
