package nimblefurrow.server.land;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface MapMarks extends Repository<MapMark, UUID> {
  List<MapMark> findByFarmIdOrderByKindAscNameAsc(UUID farmId);

  Optional<MapMark> findByFarmIdAndId(UUID farmId, UUID id);

  MapMark saveAndFlush(MapMark mark);

  void delete(MapMark mark);
}
