package nimblefurrow.server.logbook;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos of what was seen, drawn anew ({@code PlainPicture}) and kept with their entry. */
@Service
class Photos {
  static final int MOST = 6;

  private final JdbcClient database;
  private final Journal journal;

  Photos(JdbcClient database, Journal journal) {
    this.database = database;
    this.journal = journal;
  }

  /** Photos by entry, in the order in which they came. */
  @Transactional(readOnly = true)
  Map<UUID, List<UUID>> all(UUID farm) {
    Map<UUID, List<UUID>> byEntry = new HashMap<>();
    database
        .sql("select entry_id, id from log_photo where farm_id = ? order by kept_at, id")
        .param(farm)
        .query(
            (row, n) ->
                byEntry
                    .computeIfAbsent(row.getObject(1, UUID.class), e -> new java.util.ArrayList<>())
                    .add(row.getObject(2, UUID.class)))
        .list();
    return byEntry;
  }

  /**
   * Whether a photo is still to be kept: not where it is kept already, as when it is sent twice.
   *
   * @throws OutOfRange where its entry has as many as it may
   * @throws NotOnThisFarm where there is no such entry
   */
  @Transactional(readOnly = true)
  boolean wanted(UUID farm, UUID entry, UUID photo) {
    journal.find(farm, entry).orElseThrow(() -> new NotOnThisFarm("entry"));
    List<UUID> kept = all(farm).getOrDefault(entry, List.of());
    if (kept.contains(photo)) {
      return false;
    }
    if (kept.size() >= MOST) {
      throw new OutOfRange("photos", "an entry keeps at most %d photos".formatted(MOST));
    }
    return true;
  }

  /** Keeps a photo; several that come at once are counted one after the other. */
  @Transactional
  void keep(UUID farm, UUID entry, UUID photo, byte[] jpeg) {
    database
        .sql("select id from log_entry where farm_id = ? and id = ? for no key update")
        .params(farm, entry)
        .query(UUID.class)
        .optional();
    if (!wanted(farm, entry, photo)) {
      return;
    }
    int added =
        database
            .sql(
                "insert into log_photo (id, farm_id, entry_id, jpeg) values (?, ?, ?, ?)"
                    + " on conflict (id) do nothing")
            .params(photo, farm, entry, jpeg)
            .update();
    if (added == 0) {
      throw new OutOfRange("photo", "another photo bears this name: take it anew");
    }
  }

  @Transactional(readOnly = true)
  byte[] one(UUID farm, UUID id) {
    return database
        .sql("select jpeg from log_photo where farm_id = ? and id = ?")
        .params(farm, id)
        .query((row, n) -> row.getBytes(1))
        .optional()
        .orElseThrow(() -> new NotOnThisFarm("photo"));
  }
}
