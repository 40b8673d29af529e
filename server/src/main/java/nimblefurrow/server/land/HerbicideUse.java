package nimblefurrow.server.land;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "herbicide_use")
class HerbicideUse {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "field_id")
  UUID fieldId;

  String active;

  @Column(name = "applied_on")
  LocalDate appliedOn;

  int days;

  /** Codes of the families that it bars. */
  @JdbcTypeCode(SqlTypes.JSON)
  List<String> families;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> species;

  protected HerbicideUse() {}

  HerbicideUse(UUID farmId, UUID fieldId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.fieldId = fieldId;
  }
}
