package nimblefurrow.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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
            "/api/cover/" + field,
            Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
  }

  private Map<String, Object> sowing(Object id, double acres, double pounds) {
    return Map.of(
        "id",
        id,
        "fieldId",
        field,
        "kind",
        "SEEDED",
        "on",
        RunningServer.TODAY,
        "acres",
        acres,
        "pounds",
        pounds);
  }

  private String sow() {
    String id = UUID.randomUUID().toString();
    Caller.Answer saved = farm.post("/api/log", sowing(id, 40, 3000));
    assertThat(saved.status()).as(saved.text()).isEqualTo(200);
    return id;
  }

  private Caller.Answer say(String entry, String kind, UUID id) {
    return farm.post(
        "/api/log/" + entry + "/corrections",
        Map.of("id", id, "kind", kind, "reason", "wrong field"));
  }

  private boolean sown() {
    return farm.get("/api/cover/" + field).json().path("sown").asBoolean();
  }

  @Test
  void aMistakeIsTakenOutAndPutBack() {
    String entry = sow();
    assertThat(sown()).isTrue();
    UUID word = UUID.randomUUID();
    assertThat(say(entry, "WITHDRAWN", word).status()).isEqualTo(200);
    assertThat(say(entry, "WITHDRAWN", word).status()).as("sent twice").isEqualTo(200);
    assertThat(farm.get("/api/log").json()).isEmpty();
    assertThat(sown()).isFalse();
    assertThat(say(entry, "RESTORED", UUID.randomUUID()).status()).isEqualTo(200);
    assertThat(farm.get("/api/log").json()).hasSize(1);
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
    JsonNode entries = farm.get("/api/log").json();
    assertThat(entries).hasSize(1);
  }

  @Test
  void aWrongEntryIsReplacedAsAWhole() {
    String wrong = sow();
    String right = UUID.randomUUID().toString();
    Map<String, Object> form =
        Map.of("entry", sowing(right, 40, 3600), "reason", "scale ticket read again");
    String path = "/api/log/" + wrong + "/replacement";
    byte[] points = farm.get("/api/simulator/drill-monitor/" + field).text().getBytes(UTF_8);
    assertThat(farm.upload("/api/log/" + wrong + "/applied", "points.csv", points).status())
        .isEqualTo(200);
    Caller.Answer saved = farm.post(path, form);
    assertThat(saved.status()).as(saved.text()).isEqualTo(200);
    assertThat(farm.post(path, form).status()).as("sent twice").isEqualTo(200);
    JsonNode entries = farm.get("/api/log").json();
    assertThat(entries).hasSize(1);
    assertThat(entries.get(0).path("entry").path("id").asString()).isEqualTo(right);
    assertThat(entries.get(0).path("actualRate").asDouble()).isEqualTo(90);
    assertThat(entries.get(0).path("mapped").asBoolean()).as("with its points").isTrue();
    assertThat(rows("select count(*) from log_correction where entry_id = ?", wrong)).isOne();
    Map<String, Object> late = Map.of("entry", sowing(UUID.randomUUID(), 40, 3600));
    assertThat(farm.post(path, late).status()).as("put right meanwhile").isEqualTo(409);
    Caller.Answer refused =
        farm.post(
            "/api/log/" + right + "/replacement",
            Map.of("entry", sowing(UUID.randomUUID(), 4000, 3600)));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(farm.get("/api/log").json().get(0).path("entry").path("id").asString())
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
        "/api/cover/" + second,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    Object fields =
        List.of(
            Map.of("id", UUID.randomUUID(), "fieldId", second),
            Map.of("id", UUID.randomUUID(), "fieldId", bare));
    Caller.Answer again =
        farm.post(
            "/api/log/" + entry + "/again", Map.of("on", RunningServer.TODAY, "fields", fields));
    assertThat(again.status()).as(again.text()).isEqualTo(200);
    assertThat(again.json().get(0).has("refused")).isFalse();
    assertThat(again.json().get(1).path("refused").asString())
        .isEqualTo("choose a cover for this field first");
    JsonNode kept = farm.get("/api/log").json();
    assertThat(kept).hasSize(2);
    double acres = kept.get(0).path("entry").path("acres").asDouble();
    assertThat(kept.get(0).path("field").asString()).isEqualTo("Second");
    assertThat(kept.get(0).path("actualRate").asDouble()).as("3,000 lb on 40 ac").isEqualTo(75);
    assertThat(kept.get(0).path("entry").path("pounds").asDouble())
        .isCloseTo(75 * acres, within(1e-6));
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
}
