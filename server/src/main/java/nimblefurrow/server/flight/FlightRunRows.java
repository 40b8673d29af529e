package nimblefurrow.server.flight;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FlightRunRows extends Repository<FlightRun, UUID> {
  List<FlightRun> findTop20ByFarmIdOrderByStartedAtDesc(UUID farmId);

  Optional<FlightRun> findByFarmIdAndId(UUID farmId, UUID id);

  FlightRun save(FlightRun run);

  void delete(FlightRun run);
}
