package nimblefurrow.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What is written down stays; a mistake is a word on it. */
@ExtendWith(RunningServer.class)
class JournalTest {
  private Caller farm;
  private String field;

  @BeforeEach
  void aSownField() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Kept");
    Caller.Answer kept =
        farm.put(
            "/api/v1/cover/" + field,
            Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
  }

  private Map<String, Object> sowing(Object id, double acres, double pounds) {
    return Map.of(
        "id",
        id,
        "fieldId",
        field,
        "on",
        RunningServer.TODAY,
        "fact",
        Map.of("kind", "SEEDED"),
        "acres",
        acres,
        "pounds",
        pounds);
  }

  private String sow() {
    String id = UUID.randomUUID().toString();
    Caller.Answer saved = farm.post("/api/v1/log", sowing(id, 40, 3000));
    assertThat(saved.status()).as(saved.text()).isEqualTo(200);
    return id;
  }

  private Caller.Answer say(String entry, String kind, UUID id) {
    return farm.post(
        "/api/v1/log/" + entry + "/corrections",
        Map.of("id", id, "kind", kind, "reason", "wrong field"));
  }

  private boolean sown() {
    return farm.get("/api/v1/cover/" + field).json().path("sown").asBoolean();
  }

  @Test
  void aMistakeIsTakenOutAndPutBack() {
    String entry = sow();
    assertThat(sown()).isTrue();
    UUID word = UUID.randomUUID();
    assertThat(say(entry, "WITHDRAWN", word).status()).isEqualTo(200);
    assertThat(say(entry, "WITHDRAWN", word).status()).as("sent twice").isEqualTo(200);
    assertThat(farm.get("/api/v1/log").json()).isEmpty();
    assertThat(sown()).isFalse();
    assertThat(say(entry, "RESTORED", UUID.randomUUID()).status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/log").json()).hasSize(1);
    assertThat(sown()).isTrue();
    assertThat(rows("select count(*) from log_correction where entry_id = ?", entry)).isEqualTo(2);
  }

  @Test
  void whatWasWrittenAnewIsNotDoubled() {
    String first = sow();
    say(first, "WITHDRAWN", UUID.randomUUID());
    sow();
    Caller.Answer refused = say(first, "RESTORED", UUID.randomUUID());
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text()).contains("take that entry out first");
    JsonNode entries = farm.get("/api/v1/log").json();
    assertThat(entries).hasSize(1);
  }

  @Test
  void aWrongEntryIsReplacedAsAWhole() {
    String wrong = sow();
    String right = UUID.randomUUID().toString();
    Map<String, Object> form =
        Map.of("entry", sowing(right, 40, 3600), "reason", "scale ticket read again");
    String path = "/api/v1/log/" + wrong + "/replacement";
    byte[] points = farm.get("/api/v1/simulator/drill-monitor/" + field).text().getBytes(UTF_8);
    assertThat(farm.upload("/api/v1/log/" + wrong + "/applied", "points.csv", points).status())
        .isEqualTo(200);
    Caller.Answer saved = farm.post(path, form);
    assertThat(saved.status()).as(saved.text()).isEqualTo(200);
    assertThat(farm.post(path, form).status()).as("sent twice").isEqualTo(200);
    JsonNode entries = farm.get("/api/v1/log").json();
    assertThat(entries).hasSize(1);
    assertThat(entries.get(0).path("id").asString()).isEqualTo(right);
    assertThat(entries.get(0).path("actualRate").asDouble()).isEqualTo(90);
    assertThat(entries.get(0).path("mapped").asBoolean()).as("with its points").isTrue();
    assertThat(rows("select count(*) from log_correction where entry_id = ?", wrong)).isOne();
    Map<String, Object> late = Map.of("entry", sowing(UUID.randomUUID(), 40, 3600));
    assertThat(farm.post(path, late).status()).as("put right meanwhile").isEqualTo(409);
    Caller.Answer refused =
        farm.post(
            "/api/v1/log/" + right + "/replacement",
            Map.of("entry", sowing(UUID.randomUUID(), 4000, 3600)));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(farm.get("/api/v1/log").json().get(0).path("id").asString())
        .as("half a correction is none")
        .isEqualTo(right);
    assertThat(sown()).isTrue();
  }

  @Test
  void theSameIsWrittenForFurtherFieldsOneByOne() {
    String entry = sow();
    String second = TestFarm.field(farm, "Second");
    String bare = TestFarm.field(farm, "Without a cover");
    farm.put(
        "/api/v1/cover/" + second,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    Object fields =
        List.of(
            Map.of("id", UUID.randomUUID(), "fieldId", second),
            Map.of("id", UUID.randomUUID(), "fieldId", bare));
    Caller.Answer again =
        farm.post(
            "/api/v1/log/" + entry + "/again", Map.of("on", RunningServer.TODAY, "fields", fields));
    assertThat(again.status()).as(again.text()).isEqualTo(200);
    assertThat(again.json().get(0).has("refused")).isFalse();
    assertThat(again.json().get(1).path("refused").asString())
        .isEqualTo("choose a cover for this field first");
    JsonNode kept = farm.get("/api/v1/log").json();
    assertThat(kept).hasSize(2);
    double acres = kept.get(0).path("acres").asDouble();
    assertThat(kept.get(0).path("field").asString()).isEqualTo("Second");
    assertThat(kept.get(0).path("actualRate").asDouble()).as("3,000 lb on 40 ac").isEqualTo(75);
    assertThat(kept.get(0).path("pounds").asDouble()).isCloseTo(75 * acres, within(1e-6));
  }

  @Test
  void theDatabaseLetsNobodyRewriteIt() {
    String entry = sow();
    JdbcClient database = RunningServer.bean(JdbcClient.class);
    for (String rewrite :
        new String[] {
          "update log_entry set note = 'x' where id = ?", "delete from log_entry where id = ?"
        }) {
      assertThatThrownBy(() -> database.sql(rewrite).param(UUID.fromString(entry)).update())
          .hasMessageContaining("never rewritten");
    }
    assertThat(rows("select count(*) from log_entry where id = ?", entry)).isOne();
  }

  private static int rows(String sql, String entry) {
    return RunningServer.bean(JdbcClient.class)
        .sql(sql)
        .param(UUID.fromString(entry))
        .query(Integer.class)
        .single();
  }

  /** What a page of an older version has kept while there was no signal is taken as it was. */
  @Test
  void entriesOfOldPagesSayTheSame() {
    sow();
    Map<String, Object> count =
        Map.of(
            "kind",
            "STEM_COUNT",
            "species",
            "cereal-rye",
            "spots",
            5,
            "stems",
            50,
            "past",
            30,
            "look",
            Map.of("spots", List.of(Map.of("longitude", -97.0, "latitude", 40.0))));
    Map<String, Object> weeds = Map.of("kind", "WEEDS", "look", Map.of("readings", List.of(2, 3)));
    JsonNode old = kept(oldBody(count));
    assertThat(old.path("kind").asString()).isEqualTo("STEM_COUNT");
    assertThat(old.path("fact").path("past").asInt()).isEqualTo(30);
    assertThat(old.path("fact").path("where").get(0).path("longitude").asDouble()).isEqualTo(-97);
    Map<String, Object> now = new HashMap<>(count);
    now.remove("look");
    now.put("where", List.of(Map.of("longitude", -97.0, "latitude", 40.0)));
    assertThat(kept(newBody(now)).path("fact")).isEqualTo(old.path("fact"));
    JsonNode scored = kept(oldBody(weeds));
    assertThat(scored.path("fact").path("readings").get(1).asDouble()).isEqualTo(3);
    // A wrong one is put right by an old page, too.
    Map<String, Object> instead =
        Map.of("entry", oldBody(Map.of("kind", "WEEDS", "look", Map.of("readings", List.of(9)))));
    String wrong = scored.path("id").asString();
    assertThat(farm.post("/api/v1/log/" + wrong + "/replacement", instead).status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/log").json().get(0).path("fact").path("readings").get(0).asInt())
        .isEqualTo(9);
  }

  /** Pages from before addresses carried a version, and terminations that word, are still heard. */
  @Test
  void oldAddressesAreHeard() {
    sow();
    Map<String, Object> ended = oldBody(Map.of("kind", "ENDED", "route", "EARLY_SPRAY"));
    Caller.Answer kept = farm.post("/api/log", ended);
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    JsonNode log = farm.get("/api/log").json();
    assertThat(log).isEqualTo(farm.get("/api/v1/log").json()).isNotEmpty();
    assertThat(log.findValuesAsString("termination")).containsExactly("EARLY_SPRAY");
    assertThat(farm.stranger().get("/api/log").status()).isEqualTo(401);
  }

  @Test
  void aBodyWithoutAKindIsRefusedInWords() {
    for (Object fact : new Object[] {Map.of(), Map.of("kind", "GUESSED"), "sown"}) {
      Map<String, Object> body = new HashMap<>(newBody(Map.of()));
      body.put("fact", fact);
      Caller.Answer answer = farm.post("/api/v1/log", body);
      assertThat(answer.status()).as(answer.text()).isEqualTo(400);
      assertThat(answer.json().path("detail").asString()).isNotEmpty();
    }
    Map<String, Object> none = new HashMap<>(newBody(Map.of()));
    none.remove("fact");
    assertThat(farm.post("/api/v1/log", none).status()).isEqualTo(400);
  }

  /** Taking an entry out and putting it back leaves the season as it was. */
  @Test
  void outAndBackIsNothing() {
    String sown = sow();
    String before = farm.get("/api/v1/season/" + field).text();
    assertThat(say(sown, "WITHDRAWN", UUID.randomUUID()).status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/season/" + field).text()).isNotEqualTo(before);
    assertThat(say(sown, "RESTORED", UUID.randomUUID()).status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/season/" + field).text()).isEqualTo(before);
  }

  @Test
  void theLogbookIsReadFromADayOn() {
    sow();
    assertThat(farm.get("/api/v1/log?from=" + RunningServer.TODAY).json()).hasSize(1);
    assertThat(farm.get("/api/v1/log?from=2036-01-01").json()).isEmpty();
    assertThat(farm.get("/api/v1/log").json()).hasSize(1);
    assertThat(farm.get("/api/v1/log?from=soon").status()).isEqualTo(400);
  }

  private Map<String, Object> oldBody(Map<String, Object> figures) {
    Map<String, Object> body = new HashMap<>(figures);
    body.putAll(Map.of("id", UUID.randomUUID(), "fieldId", field, "on", RunningServer.TODAY));
    return body;
  }

  private Map<String, Object> newBody(Map<String, Object> fact) {
    return Map.of(
        "id", UUID.randomUUID(), "fieldId", field, "on", RunningServer.TODAY, "fact", fact);
  }

  private JsonNode kept(Map<String, Object> body) {
    Caller.Answer answer = farm.post("/api/v1/log", body);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    for (JsonNode row : farm.get("/api/v1/log").json()) {
      if (row.path("id").asString().equals(body.get("id").toString())) {
        return row;
      }
    }
    throw new AssertionError("not in the logbook");
  }
}
