package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is worth a look, and what a look changes. */
@ExtendWith(RunningServer.class)
class ScoutTest {
  private static Caller guest;

  @BeforeAll
  static void aSampleInMay() {
    guest = new Caller(RunningServer.address()).ownFarm();
    guest.post("/api/v1/sample", null);
    guest.put("/api/v1/farm/day", Map.of("day", "2027-05-14"));
    field = rolled();
  }

  private static JsonNode field;

  private static JsonNode rolled() {
    JsonNode view = guest.get("/api/v1/scout").json();
    JsonNode look =
        StreamSupport.stream(view.path("looks").spliterator(), false)
            .filter(l -> l.path("kind").asString().equals("STEMS"))
            .findFirst()
            .orElseThrow();
    return StreamSupport.stream(view.path("fields").spliterator(), false)
        .filter(f -> f.path("fieldId").equals(look.path("fieldId")))
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Object> entry(JsonNode field, String kind) {
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID());
    form.put("fieldId", field.path("fieldId").asString());
    form.put("kind", kind);
    form.put("on", "2027-05-14");
    form.put("species", "cereal-rye");
    return form;
  }

  @Test
  void theListIsOrderedAndTheFieldsBringWhatIsNeededThere() {
    JsonNode view = guest.get("/api/v1/scout").json();
    assertThat(view.path("looks")).isNotEmpty();
    int before = 101;
    for (JsonNode look : view.path("looks")) {
      assertThat(look.path("worth").asInt()).isLessThanOrEqualTo(before);
      before = look.path("worth").asInt();
    }
    JsonNode rye = field.path("members").get(0);
    assertThat(rye.path("plants").path("good").asDouble()).isEqualTo(12);
    assertThat(rye.path("stems").path("fair").asDouble()).isEqualTo(25);
    assertThat(rye.path("count").path("ahead")).hasSize(45);
    assertThat(view.path("test").path("leastSpots").asInt()).isEqualTo(5);
  }

  @Test
  void aThinStandWeighsLessAndIsCalledPoor() {
    Map<String, Object> form = entry(field, "STAND_COUNT");
    form.put("look", Map.of("plants", List.of(2, 3, 2, 1), "squareFeet", 1.0));
    JsonNode saved = guest.post("/api/v1/log", form).json();
    assertThat(saved.path("verdict").asString()).startsWith("Poor: 2 plants/ft² ± 1 plants/ft²");
    JsonNode mat =
        StreamSupport.stream(saved.path("changes").spliterator(), false)
            .filter(c -> c.path("what").asString().startsWith("mat on"))
            .findFirst()
            .orElseThrow();
    assertThat(mat.path("afterPounds").asInt()).isLessThan(mat.path("beforePounds").asInt());
    form.put("id", UUID.randomUUID());
    form.put("look", Map.of("plants", List.of(), "squareFeet", 1.0));
    assertThat(guest.post("/api/v1/log", form).text()).contains("spots are 1–100");
    form.remove("look");
    assertThat(guest.post("/api/v1/log", form).status()).isEqualTo(400);
  }

  @Test
  void whatWasToldIsSetAgainstWhatCame() {
    JsonNode right = guest.get("/api/v1/right").json();
    assertThat(right.path("told").asInt()).isEqualTo(right.path("rows").size()).isPositive();
    int held = 0;
    for (JsonNode row : right.path("rows")) {
      assertThat(row.path("what").asString()).isEqualTo("HARVEST");
      String from = row.path("fromDay").asString();
      String to = row.path("toDay").asString();
      String came = row.path("cameDay").asString();
      assertThat(from).isLessThanOrEqualTo(to);
      assertThat(row.path("on").asString()).as("told before").isLessThan(came);
      boolean within = from.compareTo(came) <= 0 && came.compareTo(to) <= 0;
      assertThat(row.path("held").asBoolean()).isEqualTo(within);
      held += within ? 1 : 0;
    }
    assertThat(right.path("held").asInt()).isEqualTo(held);
    Caller fresh = new Caller(RunningServer.address()).ownFarm();
    assertThat(fresh.get("/api/v1/right").json().path("told").asInt()).isZero();
  }

  @Test
  void whatTheWinterTookIsOfThoseLookedAt() {
    Map<String, Object> form = entry(field, "WINTERED");
    form.put("look", Map.of("alive", 12, "looked", 10));
    assertThat(guest.post("/api/v1/log", form).text())
        .contains("plants alive (of those looked at)");
    form.put("look", Map.of("alive", 9, "looked", 10));
    assertThat(guest.post("/api/v1/log", form).status()).isEqualTo(200);
    assertThat(guest.get("/api/v1/log").text()).contains("9 of 10 alive");
  }

  @Test
  void oneCountSentFiveTimesAtOnceArrivesOnce() {
    Map<String, Object> form = entry(field, "STEM_COUNT");
    form.put("spots", 5);
    form.put("stems", 50);
    form.put("past", 44);
    form.put(
        "look",
        Map.of(
            "spots",
            List.of(Map.of("stems", 10, "past", 9, "longitude", -97.1, "latitude", 40.5))));
    List<Caller.Answer> answers =
        IntStream.range(0, 5)
            .mapToObj(i -> CompletableFuture.supplyAsync(() -> guest.post("/api/v1/log", form)))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .toList();
    assertThat(answers).allMatch(a -> a.status() == 200);
    long kept =
        StreamSupport.stream(guest.get("/api/v1/log").json().spliterator(), false)
            .filter(e -> e.path("id").asString().equals(form.get("id").toString()))
            .count();
    assertThat(kept).isEqualTo(1);
  }
}
