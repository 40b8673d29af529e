package nimblefurrow.server.logbook;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Photos of what was seen, kept with their entry. Each is drawn anew before it is kept, so that
 * nothing but the picture is: no place, no maker, nothing hidden in the file.
 */
@Service
class Photos {
  static final int MOST = 6;
  static final int MOST_BYTES = 1_500_000;
  static final int MOST_SIDE = 2_048;

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

  /** Keeps a photo; sent twice it is kept once. */
  @Transactional
  void add(UUID farm, UUID entry, UUID photo, byte[] content) {
    journal.find(farm, entry).orElseThrow(() -> new NotOnThisFarm("entry"));
    List<UUID> kept = all(farm).getOrDefault(entry, List.of());
    if (kept.contains(photo)) {
      return;
    }
    if (kept.size() >= MOST) {
      throw new OutOfRange("photos", "an entry keeps at most %d photos".formatted(MOST));
    }
    int added =
        database
            .sql(
                "insert into log_photo (id, farm_id, entry_id, jpeg) values (?, ?, ?, ?)"
                    + " on conflict (id) do nothing")
            .params(photo, farm, entry, drawnAnew(content))
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

  private static byte[] drawnAnew(byte[] content) {
    if (content.length == 0 || content.length > MOST_BYTES) {
      throw new OutOfRange(
          "photo", "a photo has at most %,d bytes, got %,d".formatted(MOST_BYTES, content.length));
    }
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      var readers = ImageIO.getImageReadersByFormatName("jpeg");
      ImageReader reader = readers.next();
      reader.setInput(stream, true, true);
      int width = reader.getWidth(0);
      int height = reader.getHeight(0);
      if (width > MOST_SIDE || height > MOST_SIDE) {
        throw new OutOfRange(
            "photo",
            "a photo is at most %d pixels wide and high, got %d × %d"
                .formatted(MOST_SIDE, width, height));
      }
      BufferedImage picture = reader.read(0);
      reader.dispose();
      BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
      plain.createGraphics().drawImage(picture, 0, 0, null);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(plain, "jpeg", out);
      return out.toByteArray();
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
      if (broken instanceof OutOfRange refused) {
        throw refused;
      }
      throw new OutOfRange("photo", "this is no JPEG picture");
    }
  }
}
