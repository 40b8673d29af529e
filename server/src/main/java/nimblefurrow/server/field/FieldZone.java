package nimblefurrow.server.field;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import nimblefurrow.core.weather.SoilTexture;

@Entity
@Table(name = "field_zone")
class FieldZone {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "field_id")
  UUID fieldId;

  String name;
  String boundary;
  Double share;

  SoilTexture soil;

  Boolean tiled;
  @Version int version;

  protected FieldZone() {}

  FieldZone(UUID farmId, UUID fieldId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.fieldId = fieldId;
  }
}
