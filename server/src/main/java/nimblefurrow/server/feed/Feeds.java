package nimblefurrow.server.feed;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.Period;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.PrivateWord;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Private words by which a calendar is read without signing in. A word is told once, when it is
 * made; only its print is kept, so that nobody who reads the rows can read a calendar.
 */
@Service
class Feeds {
  /** A calendar; neither machine nor person: all of the farm's work. */
  record Feed(UUID id, UUID farmId, @Maybe UUID machineId, @Maybe String person) {}

  /**
   * @param word the private word, told only now
   */
  record Made(UUID id, String word) {}

  private static final int MOST = 50;

  /** A word that nobody has used for so long opens nothing any more. */
  private static final Period UNREAD = Period.ofYears(1);

  private final JdbcClient jdbc;
  private final Clock clock;

  Feeds(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  List<Feed> all(UUID farmId) {
    return jdbc.sql(
            "select id, farm_id, machine_id, person from feed where farm_id = ? order by made_at")
        .param(farmId)
        .query((row, n) -> feed(row))
        .list();
  }

  /**
   * Makes a calendar.
   *
   * @throws OutOfRange where there are too many already
   * @throws NotOnThisFarm where the machine is not the farm's
   */
  @Transactional
  Made make(UUID farmId, UUID machineId, String person) {
    if (machineId != null && person != null) {
      throw new OutOfRange("calendar", "a calendar is a machine's or a person's, not both's");
    }
    if (all(farmId).size() >= MOST) {
      throw new OutOfRange("calendars", "at most %d calendars; take one back".formatted(MOST));
    }
    String word = PrivateWord.fresh();
    UUID id = UUID.randomUUID();
    int rows =
        jdbc.sql(
                "insert into feed (id, farm_id, machine_id, person, print, made_at, read_at)"
                    + " select ?, f.id, ?::uuid, ?, ?, ?, ? from farm f where f.id = ? and (?::uuid is null"
                    + " or exists (select 1 from machine m where m.id = ?::uuid and m.farm_id = f.id))")
            .params(
                id,
                machineId,
                person,
                PrivateWord.print(word),
                OffsetDateTime.now(clock),
                OffsetDateTime.now(clock),
                farmId,
                machineId,
                machineId)
            .update();
    if (rows == 0) {
      throw new NotOnThisFarm("machine");
    }
    return new Made(id, word);
  }

  /** Takes a calendar back: its word opens nothing any more. */
  @Transactional
  void takeBack(UUID farmId, UUID id) {
    if (jdbc.sql("delete from feed where farm_id = ? and id = ?").params(farmId, id).update()
        == 0) {
      throw new NotOnThisFarm("calendar");
    }
  }

  /** The calendar that a word opens, if somebody has read it within a year. */
  @Transactional
  Optional<Feed> opened(String word) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    Optional<Feed> feed =
        jdbc.sql("select id, farm_id, machine_id, person from feed where print = ? and read_at > ?")
            .params(PrivateWord.print(word), now.minus(UNREAD))
            .query((row, n) -> feed(row))
            .optional();
    feed.ifPresent(
        f ->
            jdbc.sql("update feed set read_at = ? where id = ? and read_at < ?")
                .params(now, f.id(), now.minusDays(1))
                .update());
    return feed;
  }

  private static Feed feed(ResultSet row) throws SQLException {
    return new Feed(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        row.getObject(3, UUID.class),
        row.getString(4));
  }
}
