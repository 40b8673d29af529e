package nimblefurrow.server.field;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface LandFields extends Repository<LandField, UUID> {
  List<LandField> findByFarmIdAndRetiredFalseOrderByName(UUID farmId);

  Optional<LandField> findByFarmIdAndId(UUID farmId, UUID id);

  Optional<LandField> findFirstByFarmIdAndRetiredFalseAndNameIgnoreCase(UUID farmId, String name);

  List<LandField> findByFarmId(UUID farmId);

  /** The row, held against others until the transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select f from LandField f where f.farmId = :farm and f.id = :id")
  Optional<LandField> hold(@Param("farm") UUID farm, @Param("id") UUID id);

  LandField save(LandField field);

  LandField saveAndFlush(LandField field);

  void delete(LandField field);
}
