package nimblefurrow.server.seed;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.files.Paper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Papers that belong to a seed lot: certificates, untreated and non-GMO statements, test reports.
 */
@Service
class LotPapers {
  private static final int MOST = 20;

  /** What files of each kind begin with; anything else must be plain text. */
  private static final Map<String, String> BEGINNINGS =
      Map.of(
          "%PDF-", "application/pdf", "\u0089PNG", "image/png", "\u00ff\u00d8\u00ff", "image/jpeg");

  record PaperView(UUID id, String name, String type, int bytes) {}

  record Paper(String name, String type, byte[] content) {}

  private final JdbcClient database;
  private final SeedLots lots;

  LotPapers(JdbcClient database, SeedLots lots) {
    this.database = database;
    this.lots = lots;
  }

  @Transactional(readOnly = true)
  List<PaperView> of(UUID farm, UUID lot) {
    lots.one(farm, lot);
    return database
        .sql(
            "select id, name, type, length(content) as bytes from lot_paper where farm_id = ? and lot_id = ? order by name")
        .params(farm, lot)
        .query(PaperView.class)
        .list();
  }

  @Transactional
  List<PaperView> add(UUID farm, UUID lot, String name, byte[] content) {
    if (of(farm, lot).size() >= MOST) {
      throw new OutOfRange("papers", "a lot keeps at most %d papers".formatted(MOST));
    }
    if (content.length == 0) {
      throw new OutOfRange("paper", "the file is empty");
    }
    database
        .sql(
            "insert into lot_paper (id, farm_id, lot_id, name, type, content) values (?, ?, ?, ?, ?, ?)")
        .params(UUID.randomUUID(), farm, lot, name, kind(content), content)
        .update();
    return of(farm, lot);
  }

  /** What a file is by its content, whatever it calls itself. */
  private static String kind(byte[] content) {
    String start = new String(content, 0, Math.min(8, content.length), StandardCharsets.ISO_8859_1);
    for (Map.Entry<String, String> known : BEGINNINGS.entrySet()) {
      if (start.startsWith(known.getKey())) {
        return known.getValue();
      }
    }
    for (byte b : content) {
      if (b == 0) {
        throw new OutOfRange("paper", "a paper is a PDF, PNG, JPEG or plain text file");
      }
    }
    return "text/plain";
  }

  @Transactional(readOnly = true)
  Paper one(UUID farm, UUID id) {
    return database
        .sql("select name, type, content from lot_paper where farm_id = ? and id = ?")
        .params(farm, id)
        .query((row, n) -> new Paper(row.getString(1), row.getString(2), row.getBytes(3)))
        .optional()
        .orElseThrow(() -> new NotOnThisFarm("paper"));
  }

  @Transactional
  void remove(UUID farm, UUID id) {
    int gone =
        database
            .sql("delete from lot_paper where farm_id = ? and id = ?")
            .params(farm, id)
            .update();
    if (gone == 0) {
      throw new NotOnThisFarm("paper");
    }
  }
}
