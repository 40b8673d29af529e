package nimblefurrow.server.field;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import nimblefurrow.core.weather.SoilTexture;

@Entity
@Table(name = "field")
class LandField {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "farmstead_id")
  UUID farmsteadId;

  String name;
  double acres;
  String boundary;

  SoilTexture soil = SoilTexture.SILT_LOAM;

  @Enumerated(EnumType.STRING)
  Drainage drainage = Drainage.MODERATE;

  boolean tiled;
  boolean organic;

  @Column(name = "slope_percent")
  double slopePercent;

  String note = "";
  String access = "";

  /** Joined into another field: kept for its logbook, no longer worked. */
  boolean retired;

  @Column(name = "left_out_season")
  Integer leftOutSeason;

  @Column(name = "left_out_reason")
  String leftOutReason = "";

  @Version int version;

  protected LandField() {}

  LandField(UUID farmId, String name, double acres, String boundary) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.name = name;
    this.acres = acres;
    this.boundary = boundary;
  }
}
