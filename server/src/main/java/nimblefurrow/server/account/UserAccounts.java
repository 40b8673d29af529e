package nimblefurrow.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface UserAccounts extends Repository<UserAccount, UUID> {
  Optional<UserAccount> findByEmail(String email);

  UserAccount save(UserAccount account);
}
