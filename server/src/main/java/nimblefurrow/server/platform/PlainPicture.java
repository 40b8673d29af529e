package nimblefurrow.server.platform;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * A photo drawn anew before it is kept, so that nothing but the picture is: no place, no maker,
 * nothing hidden in the file.
 */
public final class PlainPicture {
  public static final int MOST_BYTES = 1_500_000;
  public static final int MOST_SIDE = 2_048;

  private PlainPicture() {}

  /**
   * The picture anew.
   *
   * @throws OutOfRange when it is no JPEG, or too large
   */
  public static byte[] drawnAnew(byte[] content) {
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
