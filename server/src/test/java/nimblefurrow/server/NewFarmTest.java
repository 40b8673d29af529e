package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Sixty fields entered in minutes: crops in a table, a rotation, a yard, and what is still to do.
 */
@ExtendWith(RunningServer.class)
class NewFarmTest {
  private Caller farm;

  @BeforeEach
  void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
  }

  private List<String> done() {
    List<String> done = new ArrayList<>();
    farm.get("/api/v1/first-steps")
        .json()
        .forEach(
            s -> {
              if (s.path("done").asBoolean()) {
                done.add(s.path("step").asString());
              }
            });
    return done;
  }

  private static Map<String, Object> cell(String field, int year, String text) {
    return Map.of("field", field, "year", year, "text", text);
  }

  private JsonNode read(List<Map<String, Object>> cells) {
    return farm.post("/api/v1/crops/read", Map.of("cells", cells)).json();
  }

  @Test
  void stepsAreTickedByFacts() {
    assertThat(done()).containsExactly("WEATHER");
    String field = TestFarm.field(farm, "North Bench");
    assertThat(done()).containsExactly("WEATHER", "FIELDS", "CROPS");
    farm.post("/api/v1/machines/yard", Map.of("codes", List.of("drill_15")));
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(done()).containsExactly("WEATHER", "FIELDS", "CROPS", "MACHINES", "COVER");
  }

  @Test
  void cellsAreUnderstoodOneByOneAndKeptTogether() {
    TestFarm.field(farm, "North Bench");
    JsonNode cells =
        read(
            List.of(
                cell("north bench", 2028, "soybeans 5/9 2.8"),
                cell("Nowhere", 2028, "corn"),
                cell("North Bench", 2029, "hops"),
                cell("North Bench", 2027, "corn")));
    assertThat(cells.get(0).path("field").asString()).isEqualTo("North Bench");
    assertThat(cells.get(0).path("planted").asString()).isEqualTo("2028-05-09");
    assertThat(cells.get(0).path("maturity").asDouble()).isEqualTo(2.8);
    assertThat(cells.get(0).path("words").asString()).isEqualTo("soybeans 9 May, 2.8");
    assertThat(cells.get(1).path("trouble").asString()).contains("no field is called “Nowhere”");
    assertThat(cells.get(2).path("trouble").asString()).contains("got “hops”");
    assertThat(cells.get(3).path("trouble").asString()).contains("stands here already");
    JsonNode kept = farm.post("/api/v1/crops", Map.of("cells", List.of(cells.get(0)))).json();
    JsonNode row = farm.get("/api/v1/crops?from=2028&years=1").json().get(0);
    assertThat(row.path("cells").get(0).path("words").asString()).isEqualTo("soybeans 9 May, 2.8");
    farm.post("/api/v1/crops/take-back", Map.of("links", kept.path("links")));
    assertThat(farm.get("/api/v1/crops?from=2028&years=1").json().get(0).path("cells")).isEmpty();
  }

  /** One crop that cannot be keeps all of them out, and says whose it is. */
  @Test
  void allOrNoneAreKept() {
    TestFarm.field(farm, "North Bench");
    TestFarm.field(farm, "South Bench");
    List<JsonNode> cells = new ArrayList<>();
    read(List.of(cell("North Bench", 2028, "soybeans"), cell("South Bench", 2028, "oats")))
        .forEach(cells::add);
    ((tools.jackson.databind.node.ObjectNode) cells.get(1)).put("planted", "2027-05-03");
    Caller.Answer refused = farm.post("/api/v1/crops", Map.of("cells", cells));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("South Bench").contains("2027-05-03 already");
    farm.get("/api/v1/crops?from=2028&years=1")
        .json()
        .forEach(row -> assertThat(row.path("cells")).isEmpty());
  }

  @Test
  void aRotationGoesOnFromWhatStands() {
    String field = TestFarm.field(farm, "North Bench");
    JsonNode laid =
        farm.post(
                "/api/v1/crops/rotation",
                Map.of(
                    "fields",
                    List.of(field),
                    "crops",
                    List.of("CORN_GRAIN", "SOYBEANS", "WINTER_WHEAT"),
                    "from",
                    2027,
                    "to",
                    2030))
            .json();
    assertThat(laid).extracting(c -> c.path("year").asInt()).containsExactly(2028, 2029, 2030);
    assertThat(laid)
        .extracting(c -> c.path("kind").asString())
        .containsExactly("SOYBEANS", "WINTER_WHEAT", "CORN_GRAIN");
    assertThat(laid.get(1).path("planted").asString())
        .as("wheat for 2029 is planted the fall before")
        .isEqualTo("2028-10-05");
    assertThat(farm.post("/api/v1/crops", Map.of("cells", laid)).status()).isEqualTo(200);
  }

  @Test
  void theYardIsFilledWithSensibleFigures() {
    JsonNode offered = farm.get("/api/v1/machines/yard").json();
    assertThat(offered.size()).isGreaterThan(12);
    List<String> codes = new ArrayList<>();
    offered.forEach(o -> codes.add(o.path("code").asString()));
    JsonNode added = farm.post("/api/v1/machines/yard", Map.of("codes", codes)).json();
    assertThat(added.size()).isEqualTo(offered.size());
    for (int i = 0; i < added.size(); i++) {
      assertThat(added.get(i).path("acresPerHour").asDouble())
          .isCloseTo(offered.get(i).path("acresPerHour").asDouble(), within(0.01));
    }
    assertThat(farm.post("/api/v1/machines/yard", Map.of("codes", List.of("tank"))).text())
        .contains("no machine is offered as");
  }

  @Test
  void whatAKindIsAskedForIsWhatItsSetUpHolds() {
    String field = TestFarm.field(farm, "North Bench");
    assertThat(field).isNotBlank();
    JsonNode sheet = farm.get("/api/v1/machines/sheet?kind=DRONE&hired=true").json();
    assertThat(sheet).extracting(g -> g.path("heading").asString()).contains("Batteries");
    List<String> parts = new ArrayList<>();
    for (var part : nimblefurrow.server.machine.MachineSetup.class.getRecordComponents()) {
      parts.add(part.getName());
    }
    for (var figure : nimblefurrow.core.yard.SetUpFigure.values()) {
      assertThat(parts).contains(figure.code());
    }
  }

  @Test
  void aDayIsReadWithinTheOutlookOnly() {
    String field = TestFarm.field(farm, "North Bench");
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    JsonNode day = farm.get("/api/v1/season/" + field + "/day?on=2027-04-10").json();
    assertThat(day.path("mat").path("low").asInt())
        .isLessThan(day.path("mat").path("high").asInt());
    // Each farm's weather is its own: by when the stems have moved is not the test's to say.
    List<String> moved = new ArrayList<>();
    for (String on : List.of("2027-03-25", "2027-04-05", "2027-04-15", "2027-04-25")) {
      farm.get("/api/v1/season/" + field + "/day?on=" + on)
          .json()
          .path("stages")
          .forEach(stage -> moved.add(stage.path("species").asString()));
    }
    assertThat(moved).isNotEmpty().allMatch(species -> species.contains("rye"));
    assertThat(farm.get("/api/v1/season/" + field + "/day?on=1990-01-01").text())
        .contains("a day is read between");
    JsonNode season = farm.get("/api/v1/season").json();
    assertThat(season.path("openFrom").asString()).isEqualTo("2026-08-25");
    assertThat(season.path("coming").get(0).path("says").asString()).contains("North Bench");
    assertThat(farm.get("/api/v1/season/" + field).json().path("headline").get(0).asString())
        .startsWith("drill cereal rye");
  }
}
