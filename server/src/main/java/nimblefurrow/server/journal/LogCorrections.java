package nimblefurrow.server.journal;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LogCorrections extends Repository<LogCorrection, UUID> {
  List<LogCorrection> findByFarmIdOrderBySeq(UUID farmId);

  Optional<LogCorrection> findByFarmIdAndId(UUID farmId, UUID id);

  LogCorrection saveAndFlush(LogCorrection correction);
}
