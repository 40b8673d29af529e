package nimblefurrow.server.field;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

@Entity
class Farmstead {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String name;
  double latitude;
  double longitude;

  protected Farmstead() {}

  Farmstead(UUID farmId, String name, double latitude, double longitude) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.name = name;
    this.latitude = latitude;
    this.longitude = longitude;
  }
}
