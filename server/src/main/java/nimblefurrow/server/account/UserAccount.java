package nimblefurrow.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.OffsetDateTime;
import java.util.UUID;
import nimblefurrow.server.platform.FarmUser;

@Entity
@Table(name = "app_user")
class UserAccount {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String email;
  String name;

  @Column(name = "password_hash")
  String passwordHash;

  @Enumerated(EnumType.STRING)
  FarmUser.Role role;

  @Column(name = "made_at", insertable = false, updatable = false)
  OffsetDateTime madeAt;

  protected UserAccount() {}

  UserAccount(UUID farmId, String email, String name, String passwordHash, FarmUser.Role role) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.email = email;
    this.name = name;
    this.passwordHash = passwordHash;
    this.role = role;
  }

  FarmUser user() {
    return new FarmUser(id, farmId, email, name, role);
  }
}
