package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What a farm keeps: land, chain, machines, lots, rules. */
@ExtendWith(RunningServer.class)
class FarmKeepingTest {
  private static Map<String, Object> lot(Object purity, Object germination) {
    return new HashMap<>(
        Map.of(
            "species",
            "cereal-rye",
            "name",
            "Lot",
            "purity",
            purity,
            "germination",
            germination,
            "pounds",
            500));
  }

  @Test
  void tagsAreReadAsPercentOrFraction(Caller caller) {
    caller.ownFarm();
    JsonNode percent = caller.post("/api/v1/lots", lot(98, 85)).json();
    JsonNode fraction = caller.post("/api/v1/lots", lot(0.98, 0.85)).json();
    assertThat(percent.path("purity").asDouble()).isCloseTo(0.98, within(1e-12));
    assertThat(fraction.path("germination").asDouble()).isCloseTo(0.85, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({"98,850,germination", "0,85,purity", "98,-5,germination", "101,85,purity"})
  void impossibleTagsAreRefusedWithFieldAndLimit(double purity, double germination, String field) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    Caller.Answer refused = caller.post("/api/v1/lots", lot(purity, germination));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("field").asString()).isEqualTo(field);
    assertThat(refused.json().path("detail").asString()).contains(field).contains("100 %");
    assertThat(caller.get("/api/v1/lots").json()).isEmpty();
  }

  @Test
  void machinesAreAddedChangedAndTakenOut(Caller caller) {
    caller.ownFarm();
    Map<String, Object> rig =
        new HashMap<>(
            Map.of(
                "name",
                "Drill",
                "kind",
                "DRILL",
                "acresPerHour",
                6.4,
                "hired",
                false,
                "costPerAcre",
                17));
    String id = caller.post("/api/v1/machines", rig).json().path("id").asString();
    rig.put("acresPerHour", 7);
    rig.put("version", 0);
    assertThat(caller.put("/api/v1/machines/" + id, rig).json().path("acresPerHour").asDouble())
        .isEqualTo(7);
    rig.put("acresPerHour", 0);
    rig.put("version", 1);
    assertThat(caller.put("/api/v1/machines/" + id, rig).json().path("detail").asString())
        .contains("field capacity is 0.01–2000 ac/h, got 0");
    assertThat(caller.delete("/api/v1/machines/" + id).status()).isEqualTo(200);
    assertThat(caller.get("/api/v1/machines").json()).isEmpty();
  }

  @Test
  void landIsChangedByOneAtATime(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Shared field");
    Map<String, Object> land =
        new HashMap<>(
            Map.of(
                "name",
                "Shared field",
                "farmstead",
                "Home",
                "soil",
                "CLAY",
                "drainage",
                "POOR",
                "tiled",
                true,
                "organic",
                false,
                "slopePercent",
                3,
                "version",
                0));
    JsonNode changed = caller.put("/api/v1/fields/" + field, land).json();
    assertThat(changed.path("soil").asString()).isEqualTo("CLAY");
    assertThat(changed.path("farmstead").asString()).isEqualTo("Home");
    Caller.Answer stale = caller.put("/api/v1/fields/" + field, land);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().path("detail").asString()).contains("changed by someone else");
    land.put(
        "version",
        caller.get("/api/v1/fields/" + field).json().path("field").path("version").asInt());
    land.put("slopePercent", 75);
    assertThat(caller.put("/api/v1/fields/" + field, land).json().path("detail").asString())
        .contains("slope is 0–60 %");
  }

  @Test
  void twoFieldsCannotShareAName(Caller caller) {
    caller.ownFarm();
    TestFarm.field(caller, "First");
    String second = TestFarm.field(caller, "Second");
    Map<String, Object> land =
        Map.of(
            "name",
            "first",
            "soil",
            "LOAM",
            "drainage",
            "GOOD",
            "tiled",
            false,
            "organic",
            false,
            "slopePercent",
            0,
            "version",
            0);
    assertThat(caller.put("/api/v1/fields/" + second, land).status()).isEqualTo(409);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "CORN_GRAIN|300|20|relative maturity is 80–125 days",
        "CORN_GRAIN|104|60|harvest moisture is 14–35 %",
        "SOYBEANS|7|20|maturity group (enter the harvest day outside it) is 1.5–4",
        "OTHER|0|20|harvest date is missing"
      })
  void cropsThatCannotBeAreRefused(String kind, double maturity, double moisture, String says) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    String field = TestFarm.field(caller, "Crop field");
    Caller.Answer refused =
        caller.post(
            "/api/v1/fields/" + field + "/crops",
            Map.of(
                "kind",
                kind,
                "planted",
                "2028-05-01",
                "maturity",
                maturity,
                "harvestMoisture",
                moisture));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains(says);
    assertThat(caller.get("/api/v1/fields/" + field).json().path("chain")).hasSize(2);
  }

  @Test
  void aHouseRuleMovesTheWindowsThatFollowIt(Caller caller) {
    caller.planner();
    caller.put("/api/v1/farm/day", Map.of("day", "2026-06-08"));
    String field = null;
    for (JsonNode lane : caller.get("/api/v1/season").json().path("lanes")) {
      field =
          lane.path("field").asString().equals("Lower Creek")
              ? lane.path("fieldId").asString()
              : field;
    }
    String before =
        caller
            .get("/api/v1/season/" + field)
            .json()
            .path("window")
            .path("bestFrom")
            .path("middle")
            .asString();
    Map<String, Object> rules =
        new HashMap<>(
            Map.of(
                "overCorn",
                "HALF_LEAVES_GONE",
                "overBeans",
                "HALF_DEFOLIATED",
                "rolling",
                "FULL_FLOWERING"));
    caller.put("/api/v1/farm/rules", rules);
    String after =
        caller
            .get("/api/v1/season/" + field)
            .json()
            .path("window")
            .path("bestFrom")
            .path("middle")
            .asString();
    assertThat(java.time.LocalDate.parse(after))
        .isEqualTo(java.time.LocalDate.parse(before).plusDays(10));
    rules.put("overBeans", "BEFORE_LEAF_DROP");
    caller.put("/api/v1/farm/rules", rules);
  }

  @Test
  void nothingToUndoIsSaid(Caller caller) {
    caller.ownFarm();
    Caller.Answer nothing = caller.post("/api/v1/dispatch/undo", Map.of());
    assertThat(nothing.status()).isEqualTo(409);
    assertThat(nothing.json().path("detail").asString()).contains("nothing to undo");
  }

  @Test
  void addressesOfThePagesLeadToThePageAndOthersNowhere(Caller caller) {
    assertThat(caller.get("/dispatch").text()).contains("<div id=\"app\">");
    assertThat(caller.planner().get("/api/v1/nothing-here").status()).isEqualTo(404);
    assertThat(caller.get("/actuator/env").status()).isEqualTo(403);
  }
}
