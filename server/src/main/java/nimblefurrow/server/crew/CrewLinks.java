package nimblefurrow.server.crew;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.PrivateWord;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Private addresses of hired crews: each opens one machine's list, until a day. */
@Service
class CrewLinks {
  /**
   * @param until the last day on which it opens anything
   */
  record CrewLink(UUID id, UUID farmId, UUID machineId, LocalDate until) {}

  /**
   * @param word the private word, told only now
   */
  record MadeLink(UUID id, String word) {}

  private static final int MOST = 50;
  private static final int LONGEST_DAYS = 200;
  private static final String COLUMNS = "select id, farm_id, machine_id, until from crew_link ";

  private final JdbcClient jdbc;
  private final Clock clock;

  CrewLinks(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  List<CrewLink> all(UUID farmId) {
    return jdbc.sql(COLUMNS + "where farm_id = ? order by made_at")
        .param(farmId)
        .query((row, n) -> link(row))
        .list();
  }

  /**
   * Makes an address.
   *
   * @param today the farm's day
   * @throws OutOfRange where its last day is gone or more than 200 days off, or there are too many
   * @throws NotOnThisFarm where the machine is not the farm's
   */
  @Transactional
  MadeLink make(UUID farmId, UUID machineId, LocalDate until, LocalDate today) {
    if (all(farmId).size() >= MOST) {
      throw new OutOfRange("links", "at most %d links; take one back".formatted(MOST));
    }
    if (until.isBefore(today) || until.isAfter(today.plusDays(LONGEST_DAYS))) {
      throw new OutOfRange(
          "last day",
          "last day is %s to %s, got %s".formatted(today, today.plusDays(LONGEST_DAYS), until));
    }
    String word = PrivateWord.fresh();
    UUID id = UUID.randomUUID();
    int rows =
        jdbc.sql(
                "insert into crew_link (id, farm_id, machine_id, print, until, made_at)"
                    + " select ?, m.farm_id, m.id, ?, ?, ? from machine m where m.id = ? and m.farm_id = ?")
            .params(
                id, PrivateWord.print(word), until, OffsetDateTime.now(clock), machineId, farmId)
            .update();
    if (rows == 0) {
      throw new NotOnThisFarm("machine");
    }
    return new MadeLink(id, word);
  }

  /** Takes an address back: its word opens nothing any more. */
  @Transactional
  void takeBack(UUID farmId, UUID id) {
    if (jdbc.sql("delete from crew_link where farm_id = ? and id = ?").params(farmId, id).update()
        == 0) {
      throw new NotOnThisFarm("link");
    }
  }

  /** The address that a word opens, whether or not its last day is gone. */
  @Transactional(readOnly = true)
  Optional<CrewLink> opened(String word) {
    return jdbc.sql(COLUMNS + "where print = ?")
        .param(PrivateWord.print(word))
        .query((row, n) -> link(row))
        .optional();
  }

  private static CrewLink link(ResultSet row) throws SQLException {
    return new CrewLink(
        row.getObject(1, UUID.class),
        row.getObject(2, UUID.class),
        row.getObject(3, UUID.class),
        row.getObject(4, LocalDate.class));
  }
}
