package nimblefurrow.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/**
 * A private word by which something is read without signing in. It is told once, when it is made;
 * only its print is kept, so that nobody who reads the rows can read what it opens.
 */
public final class PrivateWord {
  private static final int BYTES = 24;
  private static final SecureRandom RANDOM = new SecureRandom();

  private PrivateWord() {}

  /** A new word that nobody can guess. */
  public static String fresh() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** What is kept of a word. */
  public static String print(String word) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(digest.digest(word.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
