package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** One goal for many fields: ranked for each, what differs is told, kept one by one. */
@ExtendWith(RunningServer.class)
class ManyFieldsTest {
  private Caller farm;
  private String first;
  private String second;

  @BeforeEach
  void twoFields() {
    farm = new Caller(RunningServer.address()).ownFarm();
    first = TestFarm.field(farm, "First");
    second = TestFarm.field(farm, "Second");
  }

  private JsonNode asked(String... fields) {
    Caller.Answer answer =
        farm.post(
            "/api/v1/advice/many",
            Map.of(
                "fields",
                List.of(fields),
                "goals",
                Map.of("KEEP_NITROGEN", 2),
                "termination",
                "EARLY_SPRAY",
                "mostSpecies",
                1));
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return answer.json();
  }

  private JsonNode options(String field) {
    return asked(field).path("fields").get(0).path("options");
  }

  private static Map<String, Object> cover(String field, String species) {
    return Map.of("fieldId", field, "cover", TestFarm.cover("DRILL", "EARLY_SPRAY", species, 1));
  }

  @Test
  void theRankingIsTheOneOfEachFieldByItself() {
    JsonNode alone =
        farm.post(
                "/api/v1/advice",
                Map.of(
                    "fieldId",
                    second,
                    "goals",
                    Map.of("KEEP_NITROGEN", 2),
                    "termination",
                    "EARLY_SPRAY",
                    "mostSpecies",
                    1))
            .json()
            .path("ranked");
    JsonNode many = asked(first, second).path("fields").get(1).path("options");
    assertThat(many).isNotEmpty();
    for (int i = 0; i < many.size(); i++) {
      assertThat(many.get(i)).isEqualTo(alone.get(i));
    }
  }

  @Test
  void aFieldThatDiffersSaysWhy() {
    String common = options(first).get(0).path("name").asString();
    String species = options(first).get(0).path("members").get(0).path("species").asString();
    Caller.Answer sprayed =
        farm.post(
            "/api/v1/herbicides/fields/" + second,
            Map.of(
                "active",
                "atrazine",
                "appliedOn",
                RunningServer.TODAY,
                "days",
                500,
                "families",
                List.of(),
                "species",
                List.of(species)));
    assertThat(sprayed.status()).as(sprayed.text()).isEqualTo(200);
    JsonNode answer = asked(first, second);
    assertThat(answer.path("common").path("name").asString()).isEqualTo(common);
    assertThat(answer.path("common").path("fields").asInt()).isOne();
    assertThat(answer.path("fields").get(0).has("differs")).isFalse();
    assertThat(answer.path("fields").get(1).path("differs").asString()).contains("atrazine");
    assertThat(answer.path("fields").get(1).path("options").get(0).path("name").asString())
        .isNotEqualTo(common);
  }

  @Test
  void coversAreKeptOneByOne() {
    Caller.Answer kept =
        farm.put(
            "/api/v1/cover/many",
            Map.of("covers", List.of(cover(first, "cereal-rye"), cover(second, "no-such-thing"))));
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    assertThat(kept.json().get(0).has("refused")).isFalse();
    assertThat(kept.json().get(1).path("refused").asString()).contains("no-such-thing");
    assertThat(member(first)).isEqualTo("cereal-rye");
    assertThat(farm.get("/api/v1/cover/" + second).json().has("cover")).isFalse();
    assertThat(
            farm.put("/api/v1/cover/many", Map.of("covers", List.of(cover(first, "oats"))))
                .json()
                .get(0)
                .path("refused")
                .asString())
        .as("somebody chose one meanwhile")
        .contains("changed");
    Map<String, Object> seen = new HashMap<>(cover(first, "oats"));
    seen.put("version", asked(first).path("fields").get(0).path("version").asInt());
    farm.put("/api/v1/cover/many", Map.of("covers", List.of(seen)));
    assertThat(member(first)).isEqualTo("oats");
  }

  @Test
  void theSheetLeavesAsTableAndCalendar() {
    farm.put("/api/v1/cover/many", Map.of("covers", List.of(cover(first, "cereal-rye"))));
    JsonNode lane = farm.get("/api/v1/season").json().path("lanes").get(0);
    assertThat(lane.path("field").asString()).isEqualTo("First");
    String table = farm.get("/api/v1/exchange/season.csv").text();
    assertThat(table.lines()).hasSize(3);
    assertThat(table.lines().skip(1).findFirst().orElseThrow())
        .startsWith("First,")
        .contains(",cereal rye,")
        .contains(lane.path("answer").asString())
        .endsWith("," + lane.path("closes").asString());
    String calendar = farm.get("/api/v1/exchange/season.ics").text();
    assertThat(calendar)
        .contains("DTSTART;VALUE=DATE:" + lane.path("closes").asString().replace("-", ""))
        .contains("SUMMARY:First: " + lane.path("answer").asString());
  }

  private String member(String field) {
    return farm.get("/api/v1/cover/" + field)
        .json()
        .path("cover")
        .path("members")
        .get(0)
        .path("species")
        .asString();
  }
}
