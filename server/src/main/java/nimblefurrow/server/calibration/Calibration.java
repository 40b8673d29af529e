package nimblefurrow.server.calibration;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "calibration")
class Calibration {
  @Id UUID id;

  /** The order in which they were made, counted by the database. */
  @Column(insertable = false, updatable = false)
  Long seq;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "machine_id")
  UUID machineId;

  @Enumerated(EnumType.STRING)
  CalibrationKind kind;

  @Column(name = "made_on")
  LocalDate madeOn;

  String lot = "";

  @Column(name = "by_name")
  String byName = "";

  @JdbcTypeCode(SqlTypes.JSON)
  StoredCalibration details;

  protected Calibration() {}

  Calibration(UUID farmId, UUID machineId, CalibrationKind kind) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.machineId = machineId;
    this.kind = kind;
  }
}
