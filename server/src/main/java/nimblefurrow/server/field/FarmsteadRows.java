package nimblefurrow.server.field;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FarmsteadRows extends Repository<Farmstead, UUID> {
  List<Farmstead> findByFarmId(UUID farmId);

  Farmstead save(Farmstead farmstead);
}
