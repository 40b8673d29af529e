package nimblefurrow.server.journal;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LogEntries extends Repository<LogEntry, UUID> {
  List<LogEntry> findByFarmIdAndHappenedOnLessThanEqualOrderByHappenedOnAscSeqAsc(
      UUID farmId, LocalDate day);

  Optional<LogEntry> findByFarmIdAndId(UUID farmId, UUID id);

  LogEntry saveAndFlush(LogEntry entry);
}
