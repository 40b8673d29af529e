package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Everything that is read spot by spot, photos, gauges and growth, over HTTP. */
@ExtendWith(RunningServer.class)
class LooksApiTest {
  private static final String TODAY = "2027-05-14";
  private static Caller guest;
  private static JsonNode view;

  @BeforeAll
  static void aSampleInMay() {
    guest = new Caller(RunningServer.address()).ownFarm();
    guest.post("/api/v1/sample", null);
    guest.put("/api/v1/farm/day", Map.of("day", TODAY));
    view = guest.get("/api/v1/scout").json();
  }

  static byte[] picture(int width, int height) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpeg", out);
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
    return out.toByteArray();
  }

  /** A field in which something can be looked at; the n-th of them. */
  private static JsonNode offering(String kind, int n) {
    return StreamSupport.stream(view.path("fields").spliterator(), false)
        .filter(f -> f.path("zoneId").isMissingNode() || f.path("zoneId").isNull())
        .filter(f -> f.path("offers").toString().contains("\"" + kind + "\""))
        .skip(n)
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Object> entry(JsonNode field, String kind, Map<String, Object> look) {
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID());
    form.put("fieldId", field.path("fieldId").asString());
    form.put("on", TODAY);
    form.put("fact", fact(kind, look));
    return form;
  }

  private static Map<String, Object> fact(String kind, Map<String, Object> look) {
    Map<String, Object> fact = new HashMap<>(look == null ? Map.of() : look);
    fact.put("kind", kind);
    return fact;
  }

  private static JsonNode kept(Map<String, Object> form) {
    Caller.Answer answer = guest.post("/api/v1/log", form);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return answer.json();
  }

  private static String refused(Map<String, Object> form) {
    Caller.Answer answer = guest.post("/api/v1/log", form);
    assertThat(answer.status()).isEqualTo(400);
    return answer.text();
  }

  @Test
  void aTallStandWeighsMoreAndTheGrowthShowsBeforeAndAfter() {
    JsonNode field = offering("HEIGHT", 0);
    String growth = "/api/v1/fields/" + field.path("fieldId").asString() + "/growth";
    JsonNode was = guest.get(growth).json();
    JsonNode saved = kept(entry(field, "HEIGHT", Map.of("readings", List.of(88, 90, 91, 87, 89))));
    JsonNode mat =
        StreamSupport.stream(saved.path("changes").spliterator(), false)
            .filter(c -> c.path("what").asString().startsWith("mat on"))
            .findFirst()
            .orElseThrow();
    assertThat(mat.path("afterPounds").asInt()).isGreaterThan(mat.path("beforePounds").asInt());
    JsonNode is = guest.get(growth).json();
    assertThat(is.path("seen").asBoolean()).isTrue();
    JsonNode last = is.path("living").get(is.path("living").size() - 1);
    JsonNode then = was.path("living").get(was.path("living").size() - 1);
    assertThat(last.path("mat").path("middle").asInt())
        .isGreaterThan(then.path("mat").path("middle").asInt());
    assertThat(last.path("before").path("middle").asInt())
        .isLessThan(last.path("mat").path("middle").asInt());
    assertThat(refused(entry(field, "HEIGHT", Map.of("readings", List.of(500)))))
        .contains("height is 0–140 in");
    assertThat(refused(entry(field, "HEIGHT", Map.of()))).contains("height by spot is missing");
    Map<String, Object> none = entry(field, "HEIGHT", null);
    assertThat(refused(none)).contains("height by spot is missing");
  }

  @Test
  void wetSoilInTheHandMovesTheDayOfThatFieldAlone() {
    JsonNode field = offering("SOIL", 3);
    String day = "/api/v1/season/" + field.path("fieldId").asString() + "/day?on=" + TODAY;
    String other =
        "/api/v1/season/" + offering("SOIL", 4).path("fieldId").asString() + "/day?on=" + TODAY;
    String before = guest.get(other).json().path("topsoil").toString();
    double was = guest.get(day).json().path("topsoil").path("middle").asDouble();
    JsonNode saved = kept(entry(field, "SOIL_FEEL", Map.of("feel", "RIBBONS")));
    assertThat(saved.path("verdict").asString()).contains("much too wet");
    double is = guest.get(day).json().path("topsoil").path("middle").asDouble();
    assertThat(is).isCloseTo((was + 115) / 2, within(1.5));
    assertThat(guest.get(other).json().path("topsoil").toString()).isEqualTo(before);
    assertThat(refused(entry(field, "SOIL_FEEL", Map.of()))).contains("how the soil feels");
  }

  @Test
  void pestsOverTheThresholdSayWhoDecides() {
    JsonNode field = offering("PESTS", 0);
    Map<String, Object> look = Map.of("pest", "ARMYWORM", "readings", List.of(7, 6, 5));
    assertThat(kept(entry(field, "PESTS", look)).path("verdict").asString())
        .contains("6 by spot, 5 or more are too many")
        .contains("your adviser, with the label");
    Map<String, Object> few = Map.of("pest", "SLUGS", "readings", List.of(0, 1));
    assertThat(kept(entry(field, "PESTS", few)).path("verdict").asString())
        .contains("fewer than 2");
    Map<String, Object> many = Map.of("pest", "SLUGS", "readings", List.of(900));
    assertThat(refused(entry(field, "PESTS", many))).contains("slugs is 0–200");
    assertThat(refused(entry(field, "PESTS", Map.of("readings", List.of(1))))).contains("pest");
  }

  @Test
  void aKillIsRatedOnlyAfterTheEndAndSaysWhatItMeans() {
    JsonNode ended = offering("KILL", 0);
    JsonNode saved = kept(entry(ended, "KILL_RATING", Map.of("readings", List.of(96, 98, 97))));
    assertThat(saved.path("verdict").asString()).contains("97 % dead").contains("enough is dead");
    JsonNode late =
        StreamSupport.stream(view.path("fields").spliterator(), false)
            .filter(f -> f.path("ended").asString().compareTo("2027-04-23") < 0)
            .filter(f -> f.path("offers").toString().contains("\"KILL\""))
            .findFirst()
            .orElseThrow();
    assertThat(
            kept(entry(late, "KILL_RATING", Map.of("readings", List.of(60, 55, 50))))
                .path("verdict")
                .asString())
        .contains("too much lives");
    JsonNode living = offering("HEIGHT", 1);
    assertThat(refused(entry(living, "KILL_RATING", Map.of("readings", List.of(50)))))
        .contains("not logged as ended");
    assertThat(refused(entry(ended, "GROUND_COVER", Map.of("readings", List.of(50)))))
        .contains("no living cover");
  }

  @Test
  void rutsWeedsGreenAndNitrogenAreKeptAndRead() {
    JsonNode field = offering("COVER", 2);
    assertThat(
            kept(entry(field, "RUTS", Map.of("readings", List.of(4, 3, 2))))
                .path("verdict")
                .asString())
        .contains("rides over");
    assertThat(
            kept(entry(field, "WEEDS", Map.of("readings", List.of(5, 6))))
                .path("verdict")
                .asString())
        .isEqualTo("Many weeds.");
    kept(entry(field, "GROUND_COVER", Map.of("readings", List.of(70, 80), "photo", true)));
    kept(entry(field, "NITROGEN", Map.of("readings", List.of(25), "tested", true)));
    JsonNode growth =
        guest.get("/api/v1/fields/" + field.path("fieldId").asString() + "/growth").json();
    assertThat(growth.path("fedLbAc").asDouble()).isEqualTo(25);
    assertThat(guest.get("/api/v1/log").text())
        .contains("ruts 3 in")
        .contains("weeds 5.5")
        .contains("ground cover 75 %")
        .contains("nitrogen");
  }

  @Test
  void lightUnderTheCropMovesItsStages() {
    Caller own = new Caller(RunningServer.address()).ownFarm();
    String id = TestFarm.field(own, "Beans");
    String today = own.get("/api/v1/session").json().path("today").asString();
    JsonNode field = own.get("/api/v1/scout").json().path("fields").get(0);
    assertThat(field.path("offers").toString()).contains("LIGHT");
    assertThat(field.path("litFull").asDouble()).isEqualTo(.05);
    Map<String, Object> form = entry(field, "CANOPY_LIGHT", Map.of("readings", List.of(2, 2)));
    form.put("fieldId", id);
    form.put("on", today);
    assertThat(own.post("/api/v1/log", form).json().path("verdict").asString())
        .isEqualTo("About 0 % of the leaves are lost.");
    form.put("id", UUID.randomUUID());
    form.put("fact", fact("CANOPY_LIGHT", Map.of("readings", List.of(20, 24, 23))));
    JsonNode bright = own.post("/api/v1/log", form).json();
    assertThat(bright.path("verdict").asString()).isEqualTo("About 50 % of the leaves are lost.");
    JsonNode harvest =
        StreamSupport.stream(bright.path("changes").spliterator(), false)
            .filter(c -> c.path("what").asString().equals("harvest"))
            .findFirst()
            .orElseThrow();
    assertThat(harvest.path("afterDay")).isNotEqualTo(harvest.path("beforeDay"));
  }

  @Test
  void photosAreDrawnAnewAndKeptOnce() {
    JsonNode field = offering("WEEDS", 0);
    Map<String, Object> form = entry(field, "WEEDS", Map.of("readings", List.of(2)));
    kept(form);
    String photos = "/api/v1/log/" + form.get("id") + "/photos/";
    UUID name = UUID.randomUUID();
    byte[] hidden = new byte[5000];
    byte[] plain = picture(40, 30);
    System.arraycopy(plain, 0, hidden, 0, plain.length);
    for (int sent = 0; sent < 2; sent++) {
      assertThat(guest.upload(photos + name, "p.jpg", hidden).status()).isEqualTo(200);
    }
    assertThat(guest.bytes("/api/v1/log/photos/" + name)).hasSizeLessThan(4000);
    assertThat(guest.get("/api/v1/log").text()).contains(name.toString());
    assertThat(guest.upload(photos + UUID.randomUUID(), "p.jpg", "no picture".getBytes()).text())
        .contains("no JPEG");
    assertThat(guest.upload(photos + UUID.randomUUID(), "p.jpg", picture(3000, 10)).text())
        .contains("at most 2048 pixels");
    int more = 0;
    while (guest.upload(photos + UUID.randomUUID(), "p.jpg", plain).status() == 200) {
      more++;
    }
    assertThat(more).isEqualTo(5);
  }

  @Test
  void aGaugeOfAFarmsteadStandsForItsFieldsUntilOneHasItsOwn() {
    JsonNode field = offering("SOIL", 6);
    String id = field.path("fieldId").asString();
    String day = "/api/v1/season/" + id + "/day?on=2027-05-12";
    double was = guest.get(day).json().path("topsoil").path("middle").asDouble();
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID());
    form.put("farmstead", field.path("farmstead").asString());
    form.put("day", "2027-05-12");
    form.put("rainIn", 3.0);
    JsonNode rows = guest.post("/api/v1/gauges", form).json();
    assertThat(rows.get(0).path("fields").asInt()).isGreaterThan(1);
    double wet = guest.get(day).json().path("topsoil").path("middle").asDouble();
    assertThat(wet).isGreaterThan(was);
    form.put("id", UUID.randomUUID());
    form.remove("farmstead");
    form.put("fieldId", id);
    form.put("rainIn", 0);
    guest.post("/api/v1/gauges", form);
    double own = guest.get(day).json().path("topsoil").path("middle").asDouble();
    assertThat(own).isLessThan(wet);
    for (JsonNode row : guest.get("/api/v1/gauges").json()) {
      guest.delete("/api/v1/gauges/" + row.path("reading").path("id").asString());
    }
    assertThat(guest.get("/api/v1/gauges").json()).isEmpty();
    assertThat(guest.get(day).json().path("topsoil").path("middle").asDouble()).isEqualTo(was);
    form.put("day", "2027-06-30");
    assertThat(guest.post("/api/v1/gauges", form).text()).contains("date is from");
    form.put("day", "2027-05-12");
    form.put("rainIn", 25);
    assertThat(guest.post("/api/v1/gauges", form).text()).contains("rain of a day is 0–20 in");
    form.remove("fieldId");
    form.put("farmstead", "Nowhere");
    form.put("rainIn", 1);
    assertThat(guest.post("/api/v1/gauges", form).text()).contains("one of the farm's");
  }

  @Test
  void aFileOfHoursIsReadAsDays() {
    StringBuilder hours = new StringBuilder("time,temp_f,rain_in\n");
    for (int h = 0; h < 48; h++) {
      hours.append("2025-05-0%d %02d:00,%d,0.01\n".formatted(1 + h / 24, h % 24, 50 + h % 24));
    }
    Caller own = new Caller(RunningServer.address()).ownFarm();
    JsonNode report =
        own.upload("/api/v1/weather/import?save=false", "hours.csv", hours.toString().getBytes())
            .json();
    assertThat(report.path("days").asInt()).isEqualTo(2);
    assertThat(
            own.upload(
                    "/api/v1/weather/import?save=false",
                    "hours.csv",
                    "time,temp_f,rain_in\nyesterday,50,0\n".getBytes())
                .text())
        .contains("time is like 2026-10-03 14:00");
    assertThat(
            own.upload(
                    "/api/v1/weather/import?save=false",
                    "hours.csv",
                    "time,temp_f,rain_in\n2025-05-01 01:00,500,0\n".getBytes())
                .text())
        .contains("temperature is -80–140");
  }
}
