package nimblefurrow.server.account;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface UserAccounts extends Repository<UserAccount, UUID> {
  List<UserAccount> findTop5ByEmailOrderByMadeAtDesc(String email);

  UserAccount save(UserAccount account);
}
