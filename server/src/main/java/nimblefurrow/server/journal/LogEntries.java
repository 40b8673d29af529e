package nimblefurrow.server.journal;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LogEntries extends Repository<LogEntry, UUID> {
  List<LogEntry> findByFarmIdOrderByHappenedOnAscSeqAsc(UUID farmId);

  List<LogEntry> findByFarmIdAndSeqGreaterThanOrderBySeq(UUID farmId, long seq);

  Optional<LogEntry> findByFarmIdAndId(UUID farmId, UUID id);

  LogEntry saveAndFlush(LogEntry entry);
}
