package nimblefurrow.server.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.UUID;
import nimblefurrow.core.yard.MachineKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "machine")
class FarmMachine {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String name;

  MachineKind kind;

  @Column(name = "acres_per_hour")
  double acresPerHour;

  boolean hired;

  @Column(name = "cost_per_acre")
  BigDecimal costPerAcre;

  /** No longer on the farm, but kept for what was logged of it. */
  boolean retired;

  @Version int version;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredSetup setup = StoredSetup.of(MachineSetup.none());

  protected FarmMachine() {}

  FarmMachine(UUID farmId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
  }
}
