package nimblefurrow.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Devices on which a person has signed in before, told by a cookie of which only the hash is kept.
 * From such a device a right password is let in whatever strangers have tried meanwhile. It opens
 * nothing by itself.
 */
@Component
class KnownDevices {
  private static final String COOKIE = "furrow-device";
  private static final String WHERE = "/api/v1/session";
  private static final Duration KEPT = Duration.ofDays(365);
  private static final int BYTES = 32;

  private final SecureRandom random = new SecureRandom();
  private final JdbcClient jdbc;
  private final Clock clock;

  KnownDevices(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** The device's name among the account's own; empty for a device that is not known for it. */
  Optional<String> of(HttpServletRequest request, String email) {
    return cookie(request)
        .map(KnownDevices::hash)
        .filter(
            hash ->
                jdbc.sql(
                            "select count(*) from known_device d join app_user u on u.id = d.user_id"
                                + " where d.token_hash = ? and u.email = ?")
                        .params(hash, email)
                        .query(Integer.class)
                        .single()
                    > 0);
  }

  /** Knows the device from now on. */
  void remember(HttpServletRequest request, HttpServletResponse response, UUID user, String email) {
    if (of(request, email).isPresent()) {
      return;
    }
    byte[] secret = new byte[BYTES];
    random.nextBytes(secret);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    jdbc.sql("insert into known_device (token_hash, user_id, seen_at) values (?, ?, ?)")
        .params(hash(token), user, Timestamp.from(clock.instant()))
        .update();
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(COOKIE, token)
            .httpOnly(true)
            .sameSite("Lax")
            .path(WHERE)
            .maxAge(KEPT)
            .build()
            .toString());
  }

  private static Optional<String> cookie(HttpServletRequest request) {
    if (request.getCookies() == null) {
      return Optional.empty();
    }
    for (Cookie cookie : request.getCookies()) {
      if (cookie.getName().equals(COOKIE)) {
        return Optional.of(cookie.getValue());
      }
    }
    return Optional.empty();
  }

  private static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
