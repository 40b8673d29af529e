package nimblefurrow.server.flight;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A flight under way: how it goes follows from its plan and the clock, whoever asks. */
@Entity
@Table(name = "flight_run")
class FlightRun {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "field_id")
  UUID fieldId;

  @Column(name = "machine_id")
  UUID machineId;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredAsked plan;

  /** The plan it started with; null in rows from before it was kept. */
  @JdbcTypeCode(SqlTypes.JSON)
  StoredFlight flown;

  long seed;

  @Column(name = "wind_mph")
  double windMph;

  @Column(name = "times_faster")
  double timesFaster;

  @Column(name = "started_at")
  Instant startedAt;

  @Column(name = "paused_at")
  Instant pausedAt;

  @Column(name = "paused_seconds")
  double pausedSeconds;

  @Column(name = "entry_id")
  UUID entryId;

  protected FlightRun() {}

  FlightRun(UUID farmId, FlightDesk.Asked plan, FlightDesk.Planned planned) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.fieldId = plan.fieldId();
    this.machineId = plan.machineId();
    this.plan = StoredAsked.of(plan);
    this.flown = StoredFlight.of(planned);
    this.seed = id.getLeastSignificantBits() & 0xffffff;
  }

  /** Seconds of flight gone by at a moment. */
  double flown(Instant now) {
    Instant until = pausedAt == null ? now : pausedAt;
    double real = java.time.Duration.between(startedAt, until).toMillis() / 1000.0;
    return Math.max(0, (real - pausedSeconds) * timesFaster);
  }
}
