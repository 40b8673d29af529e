package nimblefurrow.server.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FarmFigureRows extends Repository<FarmFigure, UUID> {
  List<FarmFigure> findByFarmIdOrderBySheetAscLineAscColumnAsc(UUID farmId);

  FarmFigure save(FarmFigure figure);

  void delete(FarmFigure figure);
}
