package nimblefurrow.server.account;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
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

  /**
   * The user whose e-mail and password these are. Takes as long for an unknown e-mail. An e-mail
   * may stand with several farms, each with a password of its own; the newest that fits is meant.
   */
  Optional<FarmUser> check(String email, String password) {
    String tried = Passwords.tooLong(password) ? "" : password;
    List<UserAccount> known = accounts.findTop5ByEmailOrderByMadeAtDesc(normal(email));
    if (known.isEmpty()) {
      passwords.matches(tried, decoy);
    }
    return known.stream()
        .filter(account -> passwords.matches(tried, account.passwordHash))
        .findFirst()
        .map(UserAccount::user);
  }

  /**
   * Adds a person to a farm. Whether the e-mail stands with another farm is told to nobody: it is
   * taken like any other, since only its owner could be asked.
   */
  @Transactional
  public FarmUser add(UUID farmId, String email, String name, String password, FarmUser.Role role) {
    return accounts
        .save(new UserAccount(farmId, normal(email), name, passwords.encode(password), role))
        .user();
  }

  static String normal(String email) {
    return email.strip().toLowerCase(Locale.ROOT);
  }
}
