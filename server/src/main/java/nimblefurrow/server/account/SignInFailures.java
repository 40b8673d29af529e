package nimblefurrow.server.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Counts failed sign-ins in the database, so that guessing is slow however many servers run. */
@Component
class SignInFailures {
  static final int ALLOWED = 5;
  static final Duration WITHIN = Duration.ofMinutes(15);

  private final JdbcClient jdbc;
  private final Clock clock;

  SignInFailures(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  boolean tooMany(String email) {
    return jdbc.sql("select count(*) from sign_in_failure where email = ? and happened_at > ?")
            .params(email, Timestamp.from(clock.instant().minus(WITHIN)))
            .query(Integer.class)
            .single()
        >= ALLOWED;
  }

  void count(String email) {
    jdbc.sql("insert into sign_in_failure (email, happened_at) values (?, ?)")
        .params(email, Timestamp.from(clock.instant()))
        .update();
  }

  void forget(String email) {
    jdbc.sql("delete from sign_in_failure where email = ?").param(email).update();
  }
}
