package nimblefurrow.server.platform.files;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import nimblefurrow.core.quantity.OutOfRange;

/** The files of a zip, unpacked within bounds: how many, and how far they may swell. */
public final class Unpacked {
  /** Zips of unknown origin name their files in whatever letters. */
  private static final Charset NAMES = StandardCharsets.ISO_8859_1;

  private static final int MOST_FILES = 40;
  private static final int MOST_BYTES = 48 * 1024 * 1024;

  private Unpacked() {}

  /**
   * Those that are wanted, by their names in small letters, the first of each name.
   *
   * @throws OutOfRange where the zip is damaged, or holds too much
   */
  public static Map<String, byte[]> of(byte[] zip, Predicate<String> wanted) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    int left = MOST_BYTES;
    int count = 0;
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip), NAMES)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (++count > MOST_FILES) {
          throw new OutOfRange("file", "a zip holds at most %d files".formatted(MOST_FILES));
        }
        byte[] content = bounded(in, left);
        left -= content.length;
        String name = entry.getName().toLowerCase(Locale.ROOT);
        if (!entry.isDirectory() && wanted.test(name)) {
          files.putIfAbsent(name, content);
        }
      }
    } catch (OutOfRange refused) {
      throw refused;
    } catch (ZipException | IllegalArgumentException broken) {
      throw new OutOfRange("file", "this zip is damaged: " + broken.getMessage());
    } catch (IOException broken) {
      throw new OutOfRange("file", "this zip cannot be read");
    }
    return files;
  }

  private static byte[] bounded(ZipInputStream in, int left) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    byte[] part = new byte[16_384];
    for (int n = in.read(part); n >= 0; n = in.read(part)) {
      if (out.size() + n > left) {
        throw new OutOfRange(
            "file", "unpacked this zip is larger than %d MB".formatted(MOST_BYTES / 1024 / 1024));
      }
      out.write(part, 0, n);
    }
    return out.toByteArray();
  }
}
