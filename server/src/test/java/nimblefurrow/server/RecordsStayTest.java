package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** No record is destroyed by changing a plan; a chain keeps its order by place. */
@ExtendWith(RunningServer.class)
class RecordsStayTest {
  private Caller farm;
  private String field;

  @BeforeEach
  void aField() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Kept");
  }

  private JsonNode chain() {
    return farm.get("/api/v1/fields/" + field).json().path("chain");
  }

  private List<String> kinds() {
    return chain().valueStream().map(l -> l.path("kind").asString()).toList();
  }

  private String logged(String kind, Map<String, Object> more) {
    Map<String, Object> entry = new HashMap<>(more);
    entry.put("fieldId", field);
    entry.put("kind", kind);
    entry.putIfAbsent("on", RunningServer.TODAY);
    Caller.Answer answer = farm.post("/api/v1/log", entry);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return answer.json().path("id").asString();
  }

  private void rye() {
    Caller.Answer kept =
        farm.put(
            "/api/v1/cover/" + field,
            Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
  }

  private static Map<String, Object> crop(JsonNode link, String planted) {
    Map<String, Object> form = new HashMap<>();
    form.put("kind", link.path("crop").path("kind").asString());
    form.put("maturity", link.path("crop").path("maturity").asDouble());
    form.put("planted", planted);
    form.put("version", link.path("version").asInt());
    return form;
  }

  @Test
  void aCropThatIsLoggedLeavesTheChainAndKeepsItsEntries() {
    logged("HARVESTED", Map.of("yieldPerAcre", 61));
    String link = chain().get(0).path("id").asString();
    Caller.Answer removed = farm.delete("/api/v1/fields/crops/" + link);
    assertThat(removed.json().path("kept").asInt()).isEqualTo(1);
    assertThat(removed.json().path("says").asString()).contains("1 record of it stays");
    assertThat(kinds()).containsExactly("CROP");
    JsonNode log = farm.get("/api/v1/log").json();
    assertThat(log).hasSize(1);
    assertThat(log.get(0).path("field").asString()).isEqualTo("Kept");
    assertThat(farm.get("/api/v1/season").status()).isEqualTo(200);
  }

  @Test
  void aSownCoverStaysInThePlanAndWhatItRestsOnWithIt() {
    rye();
    logged("SEEDED", Map.of());
    String cover = chain().get(1).path("id").asString();
    Caller.Answer refused = farm.delete("/api/v1/fields/crops/" + cover);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text()).contains("in the logbook");
    String crop = chain().get(0).path("id").asString();
    assertThat(farm.delete("/api/v1/fields/crops/" + crop).text()).contains("take that out first");
    assertThat(kinds()).containsExactly("CROP", "COVER", "CROP");
  }

  @Test
  void nothingIsKeptOfWhatNothingWasWrittenOf() {
    rye();
    JsonNode removed =
        farm.delete("/api/v1/fields/crops/" + chain().get(1).path("id").asString()).json();
    assertThat(removed.path("kept").asInt()).isZero();
    assertThat(kinds()).containsExactly("CROP", "CROP");
  }

  @Test
  void aFieldAMachineAndALotAreRetiredWithTheirRecords() {
    String drill = SeedingFarm.drill(farm);
    SeedingFarm.rye(farm);
    String lot = farm.get("/api/v1/lots").json().get(0).path("id").asString();
    farm.upload("/api/v1/lot-papers/lots/" + lot, "tag.txt", "tested".getBytes());
    String paper = farm.get("/api/v1/lot-papers/lots/" + lot).json().get(0).path("id").asString();
    rye();
    logged("SEEDED", Map.of("machineId", drill, "lot", "Test rye", "pounds", 500, "acres", 8));
    assertThat(farm.delete("/api/v1/machines/" + drill).json().path("kept").asInt()).isEqualTo(1);
    assertThat(farm.delete("/api/v1/lots/" + lot).json().path("kept").asInt()).isEqualTo(2);
    assertThat(farm.delete("/api/v1/fields/" + field).json().path("kept").asInt()).isEqualTo(1);
    assertThat(farm.get("/api/v1/machines").json()).isEmpty();
    assertThat(farm.get("/api/v1/lots").json()).isEmpty();
    assertThat(farm.get("/api/v1/fields").json()).isEmpty();
    JsonNode entry = farm.get("/api/v1/log").json().get(0);
    assertThat(entry.path("field").asString()).isEqualTo("Kept");
    assertThat(entry.path("machine").asString()).isEqualTo("Test drill");
    assertThat(farm.bytes("/api/v1/lot-papers/" + paper)).isEqualTo("tested".getBytes());
    assertThat(farm.get("/api/v1/season").status()).isEqualTo(200);
  }

  @Test
  void theDatabaseItselfLetsNothingCascadeIntoTheLogbook() {
    List<String> cascades =
        RunningServer.bean(JdbcClient.class)
            .sql(
                "select conname from pg_constraint where contype = 'f' and confdeltype in ('c', 'n')"
                    + " and conrelid = 'log_entry'::regclass")
            .query(String.class)
            .list();
    assertThat(cascades).isEmpty();
  }

  /** Beans planted a week later stay before their cover, whatever its own day says. */
  @Test
  void aLaterPlantingDayKeepsTheOrder() {
    rye();
    JsonNode beans = chain().get(0);
    Caller.Answer moved =
        farm.put("/api/v1/fields/crops/" + beans.path("id").asString(), crop(beans, "2026-05-20"));
    assertThat(moved.status()).as(moved.text()).isEqualTo(200);
    assertThat(kinds()).containsExactly("CROP", "COVER", "CROP");
    assertThat(farm.get("/api/v1/season").json().path("lanes").get(0).path("cover").asString())
        .isEqualTo("cereal rye");
  }

  @Test
  void aCropCannotBeMovedPastAnother() {
    JsonNode beans = chain().get(0);
    Caller.Answer refused =
        farm.put("/api/v1/fields/crops/" + beans.path("id").asString(), crop(beans, "2027-06-01"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("planted is before 2027-05-03");
    Caller.Answer stale = crop(beans, "2026-05-13").isEmpty() ? null : stale(beans);
    assertThat(stale.status()).isEqualTo(409);
  }

  private Caller.Answer stale(JsonNode link) {
    Map<String, Object> form = crop(link, "2026-05-13");
    form.remove("version");
    return farm.put("/api/v1/fields/crops/" + link.path("id").asString(), form);
  }

  @Test
  void aCropInBetweenTakesItsPlaceByItsDay() {
    Caller.Answer oats =
        farm.post(
            "/api/v1/fields/" + field + "/crops", Map.of("kind", "OATS", "planted", "2027-03-20"));
    assertThat(oats.status()).as(oats.text()).isEqualTo(200);
    assertThat(chain().valueStream().map(l -> l.path("starts").asString()))
        .containsExactly("2026-05-12", "2027-03-20", "2027-05-03");
    Caller.Answer twice =
        farm.post(
            "/api/v1/fields/" + field + "/crops", Map.of("kind", "OATS", "planted", "2027-03-20"));
    assertThat(twice.text()).contains("planted on 2027-03-20 already");
  }

  @Test
  void soybeansKeepTheirDroneWindowWhenTheirHarvestIsEntered() {
    Caller.Answer before = tryDrone();
    JsonNode beans = chain().get(0);
    Map<String, Object> form = crop(beans, "2026-05-12");
    form.put("harvest", "2026-10-06");
    form.put("leafDrop", "2026-09-20");
    Caller.Answer changed = farm.put("/api/v1/fields/crops/" + beans.path("id").asString(), form);
    assertThat(changed.status()).as(changed.text()).isEqualTo(200);
    JsonNode window = tryDrone().json().path("window");
    assertThat(before.json().path("window").path("opens").path("middle").asString()).isNotBlank();
    assertThat(window.path("bestTo").path("middle").asString()).isEqualTo("2026-09-20");
  }

  private Caller.Answer tryDrone() {
    return farm.post(
        "/api/v1/cover/try",
        Map.of(
            "fieldId",
            field,
            "candidate",
            TestFarm.cover("DRONE", "EARLY_SPRAY", "cereal-rye", 1)));
  }

  @Test
  void anEntrySettlesAJobOfItsOwnFieldAndKindOnly() {
    String other = TestFarm.field(farm, "Other");
    for (String one : List.of(field, other)) {
      farm.put(
          "/api/v1/cover/" + one,
          Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    }
    SeedingFarm.drill(farm);
    Plans.board(farm);
    JsonNode board = farm.get("/api/v1/dispatch").json();
    JsonNode mine = job(board, "Kept");
    JsonNode theirs = job(board, "Other");
    Caller.Answer lifted =
        farm.post(
            "/api/v1/log",
            Map.of("fieldId", field, "kind", "SEEDED", "on", RunningServer.TODAY, "job", theirs));
    assertThat(lifted.status()).isEqualTo(400);
    assertThat(lifted.text()).contains("still open in Kept");
    Caller.Answer wrongKind =
        farm.post(
            "/api/v1/log",
            Map.of("fieldId", field, "kind", "HARVESTED", "on", RunningServer.TODAY, "job", mine));
    assertThat(wrongKind.text()).contains("not settled by an entry of this kind");
    assertThat(job(farm.get("/api/v1/dispatch").json(), "Other")).isEqualTo(theirs);
    assertThat(farm.get("/api/v1/log").json()).isEmpty();
  }

  private static JsonNode job(JsonNode board, String field) {
    return board
        .path("jobs")
        .valueStream()
        .filter(j -> j.path("field").asString().equals(field))
        .filter(j -> j.path("id").path("operation").asString().equals("SEED"))
        .findFirst()
        .orElseThrow()
        .path("id");
  }

  @Test
  void anUnknownJobIsRefused() {
    rye();
    assertThat(
            farm.post(
                    "/api/v1/log",
                    Map.of(
                        "fieldId",
                        field,
                        "kind",
                        "SEEDED",
                        "on",
                        RunningServer.TODAY,
                        "job",
                        Map.of("cover", UUID.randomUUID(), "operation", "SEED")))
                .status())
        .isEqualTo(400);
  }
}
