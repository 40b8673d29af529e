package nimblefurrow.server.account;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People and their passwords. */
@Service
public class Accounts {
  private final UserAccounts accounts;
  private final PasswordEncoder passwords;
  private final String decoy;

  Accounts(UserAccounts accounts, PasswordEncoder passwords) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.decoy = passwords.encode("nobody has this");
  }

  /** The user whose e-mail and password these are. Takes as long for an unknown e-mail. */
  Optional<FarmUser> check(String email, String password) {
    Optional<UserAccount> account = accounts.findByEmail(normal(email));
    String tried = Passwords.tooLong(password) ? "" : password;
    boolean right = passwords.matches(tried, account.map(a -> a.passwordHash).orElse(decoy));
    return right ? account.map(UserAccount::user) : Optional.empty();
  }

  @Transactional
  public FarmUser add(UUID farmId, String email, String name, String password, FarmUser.Role role) {
    if (accounts.findByEmail(normal(email)).isPresent()) {
      throw new Conflict(
          "these cannot be used to start a farm: sign in if you have been here, or take others");
    }
    return accounts
        .save(new UserAccount(farmId, normal(email), name, passwords.encode(password), role))
        .user();
  }

  static String normal(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }
}
