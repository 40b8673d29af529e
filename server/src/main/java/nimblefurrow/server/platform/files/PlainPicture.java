package nimblefurrow.server.platform.files;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.Busy;
import org.springframework.stereotype.Component;

/**
 * A photo drawn anew before it is kept, so that nothing but the picture is: no place, no maker,
 * nothing hidden in the file. Drawing is heavy work, done with a few others at a time; it is never
 * done inside a transaction, which would hold a connection meanwhile.
 */
@Component
public class PlainPicture {
  public static final int MOST_BYTES = 1_500_000;
  public static final int MOST_SIDE = 2_048;

  /**
   * A picture that comes in by and by is drawn once for each time that it becomes clearer. Cameras
   * and phones use ten; a small file could ask for thousands, each as dear as the whole picture.
   */
  public static final int MOST_PASSES = 16;

  private static final int MARKER = 0xFF;
  private static final int PASS = 0xDA;

  private final HeavyWork heavy;

  PlainPicture(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /**
   * The picture anew.
   *
   * @throws OutOfRange when it is no JPEG, too large, or drawn in too many passes
   * @throws Busy when too many others are being drawn
   */
  public byte[] drawnAnew(byte[] content) {
    if (content.length == 0 || content.length > MOST_BYTES) {
      throw new OutOfRange(
          "photo", "a photo has at most %,d bytes, got %,d".formatted(MOST_BYTES, content.length));
    }
    int passes = passes(content);
    if (passes > MOST_PASSES) {
      throw new OutOfRange(
          "photo",
          "a photo is drawn in at most %d passes, this one wants %d: save it anew"
              .formatted(MOST_PASSES, passes));
    }
    return heavy.run(() -> drawn(content));
  }

  private static byte[] drawn(byte[] content) {
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
      try {
        reader.setInput(stream, true, true);
        return drawn(reader);
      } finally {
        reader.dispose();
      }
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
      if (broken instanceof OutOfRange refused) {
        throw refused;
      }
      throw new OutOfRange("photo", "this is no JPEG picture");
    }
  }

  private static byte[] drawn(ImageReader reader) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if (width > MOST_SIDE || height > MOST_SIDE) {
      throw new OutOfRange(
          "photo",
          "a photo is at most %d pixels wide and high, got %d × %d"
              .formatted(MOST_SIDE, width, height));
    }
    BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D paper = plain.createGraphics();
    paper.drawImage(reader.read(0), 0, 0, null);
    paper.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(plain, "jpeg", out);
    return out.toByteArray();
  }

  /** Passes that a file asks for: in its data a marker's first byte is never followed by theirs. */
  private static int passes(byte[] content) {
    int passes = 0;
    for (int i = 0; i + 1 < content.length; i++) {
      if ((content[i] & 0xFF) == MARKER && (content[i + 1] & 0xFF) == PASS) {
        passes++;
      }
    }
    return passes;
  }
}
