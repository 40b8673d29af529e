package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Pictures that a small file makes dear are refused before they are drawn. */
@ExtendWith(RunningServer.class)
class PictureTest {
  private static Caller guest;
  private static String photos;

  @BeforeAll
  static void anEntry() {
    guest = new Caller(RunningServer.address()).ownFarm();
    photos = "/api/v1/log/" + entry(guest) + "/photos/";
  }

  private static UUID entry(Caller farm) {
    String field = TestFarm.field(farm, "Seen " + UUID.randomUUID());
    String today = farm.get("/api/v1/session").json().path("today").asString();
    return TestFarm.entry(farm, field, today);
  }

  /** A picture that comes in by and by, as cameras write it. */
  private static byte[] progressive(int side) throws Exception {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam param = writer.getDefaultWriteParam();
    param.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(stream);
      BufferedImage picture = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
      writer.write(null, new IIOImage(picture, null, null), param);
    }
    writer.dispose();
    return out.toByteArray();
  }

  /** The same with its last pass over and over again. */
  private static byte[] overAndOver(byte[] picture, int times) {
    int last = picture.length - 2;
    int pass = last;
    while ((picture[pass] & 0xFF) != 0xFF || (picture[pass + 1] & 0xFF) != 0xDA) {
      pass--;
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(picture, 0, last);
    for (int i = 0; i < times; i++) {
      out.write(picture, pass, last - pass);
    }
    out.write(picture, last, 2);
    return out.toByteArray();
  }

  @Test
  void passesAreBounded() throws Exception {
    byte[] plain = progressive(1500);
    assertThat(guest.upload(photos + UUID.randomUUID(), "p.jpg", plain).status()).isEqualTo(200);
    byte[] dear = overAndOver(plain, 400);
    assertThat(dear).hasSizeLessThan(1_500_000);
    long begin = System.nanoTime();
    Caller.Answer refused = guest.upload(photos + UUID.randomUUID(), "p.jpg", dear);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("drawn in at most 16 passes");
    assertThat((System.nanoTime() - begin) / 1e9).as("not drawn first").isLessThan(600);
  }

  /** Fifteen at once are counted one after the other: six are kept. */
  @Test
  void photosThatComeAtOnceAreCounted() throws Exception {
    UUID entry = entry(guest);
    byte[] picture = LooksApiTest.picture(20, 20);
    ExecutorService many = Executors.newFixedThreadPool(15);
    try {
      many.invokeAll(
          IntStream.range(0, 15)
              .mapToObj(
                  i ->
                      (Callable<Caller.Answer>)
                          () ->
                              guest.upload(
                                  "/api/v1/log/" + entry + "/photos/" + UUID.randomUUID(),
                                  "p.jpg",
                                  picture))
              .toList());
    } finally {
      many.shutdown();
    }
    for (var row : guest.get("/api/v1/log").json()) {
      if (row.path("id").asString().equals(entry.toString())) {
        assertThat(row.path("photos")).hasSizeBetween(1, 6);
        return;
      }
    }
    throw new AssertionError("the entry is gone");
  }
}
