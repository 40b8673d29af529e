package nimblefurrow.server.seed;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.chain.StoredMember;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "named_mix")
class NamedMix {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String name;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredMember> members;

  protected NamedMix() {}

  NamedMix(UUID farmId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
  }
}
