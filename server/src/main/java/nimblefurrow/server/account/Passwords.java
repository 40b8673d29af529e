package nimblefurrow.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * Which passwords are taken: 10 characters at least, 72 bytes at most (what the hash reads of one),
 * and none that a shipped list of common passwords, names and keyboard runs makes easy to guess.
 */
final class Passwords {
  private static final int MOST_BYTES = 72;
  private static final int LEAST_CHARACTERS = 10;
  private static final int HARD_ENOUGH = 4;
  private static final Zxcvbn GUESSER = new Zxcvbn();

  private Passwords() {}

  /**
   * @param about what a guesser would try first: the person's name, e-mail and farm
   * @throws OutOfRange saying what is wrong with it
   */
  static void check(String password, List<String> about) {
    if (password.length() < LEAST_CHARACTERS || tooLong(password)) {
      throw new OutOfRange(
          "password",
          "password is %d characters at least and %d bytes at most"
              .formatted(LEAST_CHARACTERS, MOST_BYTES));
    }
    if (GUESSER.measure(password, about).getScore() < HARD_ENOUGH) {
      throw new OutOfRange(
          "password", "password is among the first that are guessed: take a few words together");
    }
  }

  /** Whether it is longer than any password that is kept. */
  static boolean tooLong(String password) {
    return password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES;
  }
}
