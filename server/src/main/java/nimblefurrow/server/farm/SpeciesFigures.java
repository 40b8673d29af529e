package nimblefurrow.server.farm;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SpeciesFigures extends Repository<SpeciesFigure, UUID> {
  List<SpeciesFigure> findByFarmId(UUID farmId);

  Optional<SpeciesFigure> findByFarmIdAndSpeciesAndFigure(
      UUID farmId, String species, String figure);

  SpeciesFigure save(SpeciesFigure figure);

  void delete(SpeciesFigure figure);
}
