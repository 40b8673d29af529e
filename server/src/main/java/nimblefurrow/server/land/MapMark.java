package nimblefurrow.server.land;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import nimblefurrow.core.land.MarkKind;

@Entity
@Table(name = "map_mark")
class MapMark {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  MarkKind kind;

  String name = "";
  String shape;

  @Column(name = "keep_away_ft")
  double keepAwayFt;

  @Version int version;

  protected MapMark() {}

  MapMark(UUID farmId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
  }
}
