package nimblefurrow.server.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes guessing slow. Every try is written down in the database before it is looked at, so that
 * tries at the same moment all count, however many servers run; after a few free ones each further
 * try must wait longer than the one before. A try that turns out right is struck out again.
 */
@Component
class Doors {
  private static final Duration REMEMBERED = Duration.ofHours(1);
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
  private static final int MOST_DOUBLINGS = 10;

  /** What is tried, how often without a wait, and the first wait after that. */
  enum Door {
    ACCOUNT(5, Duration.ofSeconds(15)),
    ADDRESS(40, Duration.ofSeconds(5)),
    NEW_FARM(10, Duration.ofMinutes(2));

    private final int free;
    private final Duration first;

    Door(int free, Duration first) {
      this.free = free;
      this.first = first;
    }
  }

  private final JdbcClient jdbc;
  private final Clock clock;
  private final TransactionTemplate apart;
  private final int freeFarms;

  Doors(
      JdbcClient jdbc,
      Clock clock,
      PlatformTransactionManager transactions,
      @Value("${furrow.free-farms:10}") int freeFarms) {
    this.jdbc = jdbc;
    this.clock = clock;
    this.freeFarms = freeFarms;
    this.apart = new TransactionTemplate(transactions);
    this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
  }

  /**
   * Asks to try a door, and writes the try down when it may be made.
   *
   * @param key whose door: an account, an address
   * @return how long to wait before trying; empty when it may be tried now
   */
  Optional<Duration> knock(Door door, String key) {
    return apart.execute(status -> knocked(door, key.toLowerCase(Locale.ROOT)));
  }

  private Optional<Duration> knocked(Door door, String key) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(?, 0))")
        .param(door + " " + key)
        .query((row, n) -> true)
        .single();
    Instant now = clock.instant();
    jdbc.sql("delete from door_try where tried_at < ?")
        .param(Timestamp.from(now.minus(REMEMBERED)))
        .update();
    record Tries(int count, Timestamp last) {}
    Tries tries =
        jdbc.sql("select count(*), max(tried_at) from door_try where door = ? and key = ?")
            .params(door.name(), key)
            .query((row, n) -> new Tries(row.getInt(1), row.getTimestamp(2)))
            .single();
    int free = door == Door.NEW_FARM ? freeFarms : door.free;
    if (tries.count() >= free) {
      Instant open = tries.last().toInstant().plus(wait(door, tries.count() - free));
      if (now.isBefore(open)) {
        return Optional.of(Duration.between(now, open));
      }
    }
    jdbc.sql("insert into door_try (door, key, tried_at) values (?, ?, ?)")
        .params(door.name(), key, Timestamp.from(now))
        .update();
    return Optional.empty();
  }

  private static Duration wait(Door door, int over) {
    Duration wait = door.first.multipliedBy(1L << Math.min(MOST_DOUBLINGS, over));
    return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
  }

  /** The owner has come in: what was tried at his door is forgotten. */
  void opened(Door door, String key) {
    apart.executeWithoutResult(
        status ->
            jdbc.sql("delete from door_try where door = ? and key = ?")
                .params(door.name(), key.toLowerCase(Locale.ROOT))
                .update());
  }

  /** Strikes out the last try of a door that others share, such as an address. */
  void right(Door door, String key) {
    apart.executeWithoutResult(
        status ->
            jdbc.sql(
                    "delete from door_try where id ="
                        + " (select max(id) from door_try where door = ? and key = ?)")
                .params(door.name(), key.toLowerCase(Locale.ROOT))
                .update());
  }
}
