package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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

  private String sow() {
    String id = UUID.randomUUID().toString();
    Caller.Answer saved =
        farm.post(
            "/api/log",
            Map.of(
                "id",
                id,
                "fieldId",
                field,
                "kind",
                "SEEDED",
                "on",
                RunningServer.TODAY,
                "acres",
                40,
                "pounds",
                3000));
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
