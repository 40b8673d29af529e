package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class SeasonApiTest {
  @ParameterizedTest
  @ValueSource(strings = {"2026-06-08", "2026-09-02", "2026-10-01", "2027-04-12", "2027-05-20"})
  void everyMarkedDayAnswersForAllFieldsAsOfThatDay(String day) {
    Caller caller = new Caller(RunningServer.address()).planner();
    caller.put("/api/v1/farm/day", Map.of("day", day));
    JsonNode season = caller.get("/api/v1/season").json();
    assertThat(season.path("today").asString()).isEqualTo(day);
    assertThat(season.path("lanes")).hasSize(28);
    assertThat(season.path("calls")).isNotEmpty();
    for (JsonNode lane : season.path("lanes")) {
      for (JsonNode stake : lane.path("stakes")) {
        if (stake.path("done").asBoolean()) {
          assertThat(stake.path("day").asString())
              .as(lane.path("field").asString())
              .isLessThanOrEqualTo(day);
        }
      }
    }
    for (JsonNode entry : caller.get("/api/v1/log").json()) {
      assertThat(entry.path("on").asString()).isLessThanOrEqualTo(day);
    }
  }

  @Test
  void whatIsToComeIsNotKnownOnTheDay(Caller caller) {
    caller.planner();
    caller.put("/api/v1/farm/day", Map.of("day", "2026-09-02"));
    JsonNode strip = caller.get("/api/v1/season").json().path("strip");
    int measured = strip.path("measured").asInt();
    assertThat(LocalDate.parse(strip.path("first").asString()).plusDays(measured - 1))
        .isEqualTo(LocalDate.of(2026, 9, 2));
    int ahead = measured + 30;
    assertThat(strip.path("highF").get(ahead).asInt())
        .isGreaterThan(strip.path("lowF").get(ahead).asInt() + 15);
    assertThat(strip.path("frost").get(measured - 1).asInt()).isIn(0, 100);
  }

  @Test
  void onlyTheDemoCanBeSetToADay(Caller caller) {
    caller.ownFarm();
    assertThat(
            caller
                .put("/api/v1/farm/day", Map.of("day", "2026-09-02"))
                .json()
                .path("detail")
                .asString())
        .contains("only be set on the demo");
  }

  @Test
  void aFarmWithoutWeatherSaysSo(Caller caller) {
    caller.ownFarm();
    caller.put("/api/v1/weather/source", Map.of("source", "NONE"));
    JsonNode season = caller.get("/api/v1/season").json();
    assertThat(season.path("hasWeather").asBoolean()).isFalse();
    assertThat(caller.get("/api/v1/dispatch").json().path("detail").asString()).contains("weather");
  }

  @Test
  void sixtyLiveAreSeventyTwoBulkByTheLotsTag(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Rate field");
    LocalDate today =
        LocalDate.parse(caller.get("/api/v1/session").json().path("today").asString());
    caller.post(
        "/api/v1/lots",
        Map.of(
            "species",
            "cereal-rye",
            "name",
            "A",
            "purity",
            98,
            "germination",
            0.85,
            "testedOn",
            today.minusMonths(2).toString(),
            "pounds",
            9000));
    Map<String, Object> cover = TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1);
    cover.put(
        "members", java.util.List.of(Map.of("species", "cereal-rye", "share", 1, "typedRate", 60)));
    JsonNode answer =
        caller.post("/api/v1/cover/try", Map.of("fieldId", field, "candidate", cover)).json();
    JsonNode rye = answer.path("members").get(0);
    assertThat(rye.path("liveRate").asDouble()).isEqualTo(60);
    assertThat(rye.path("bulkRate").asDouble()).isCloseTo(72.0, within(0.05));
    double acres =
        caller.get("/api/v1/fields/" + field).json().path("field").path("acres").asDouble();
    assertThat(rye.path("fieldPounds").asDouble())
        .isCloseTo(60 / 0.98 / 0.85 * acres, within(0.01));
    assertThat(rye.path("bags").asInt())
        .isEqualTo((int) Math.ceil(60 / 0.98 / 0.85 * acres * 1.03 / 50));
  }

  @Test
  void aCoverIsKeptOnceAndAStaleChangeConflicts(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Cover field");
    JsonNode kept =
        caller
            .put(
                "/api/v1/cover/" + field,
                Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)))
            .json();
    int version = kept.path("version").asInt();
    Map<String, Object> other =
        TestFarm.cover("DRONE", "PLANT_GREEN", "cereal-rye", 0.6, "hairy-vetch", 0.5);
    assertThat(
            caller
                .put("/api/v1/cover/" + field, Map.of("cover", other, "version", version))
                .status())
        .isEqualTo(200);
    Caller.Answer stale =
        caller.put("/api/v1/cover/" + field, Map.of("cover", other, "version", version));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().path("detail").asString()).contains("meanwhile");
    assertThat(caller.get("/api/v1/fields/" + field).json().path("chain")).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DRILL|cereal-rye|-1|share of a full rate of Cereal rye",
        "DRILL|cereal-rye|9|share of a full rate of Cereal rye",
        "DRILL|knotweed|1|species",
        "SPOON|cereal-rye|1|way is one of DRILL"
      })
  void badCandidatesAreRefusedByName(String way, String species, double share, String says) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    String field = TestFarm.field(caller, "Bad " + UUID.randomUUID());
    Caller.Answer answer =
        caller.post(
            "/api/v1/cover/try",
            Map.of(
                "fieldId", field, "candidate", TestFarm.cover(way, "EARLY_SPRAY", species, share)));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("detail").asString()).contains(says);
  }

  @Test
  void organicLandRefusesHerbicideAndOffersAnotherWay(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Organic field");
    caller.put(
        "/api/v1/fields/" + field,
        Map.of(
            "name",
            "Organic field",
            "soil",
            "LOAM",
            "drainage",
            "GOOD",
            "tiled",
            false,
            "organic",
            true,
            "slopePercent",
            2,
            "version",
            0));
    JsonNode answer =
        caller
            .post(
                "/api/v1/cover/try",
                Map.of(
                    "fieldId",
                    field,
                    "candidate",
                    TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)))
            .json();
    JsonNode spray = answer.path("terminations").get(0);
    assertThat(spray.path("impossible").asString()).contains("organic");
    assertThat(spray.path("remedy").asString()).contains("roll");
  }

  @Test
  void unitsAreSaidAsTheFarmReadsThem(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Metric field");
    Map<String, Object> asked =
        Map.of("fieldId", field, "candidate", TestFarm.cover("DRILL", "ROLL", "cereal-rye", 1));
    assertThat(caller.post("/api/v1/cover/try", asked).text()).contains("7,000 lb/ac");
    caller.put("/api/v1/farm/units", Map.of("units", "METRIC"));
    assertThat(caller.post("/api/v1/cover/try", asked).text()).contains("7,850 kg/ha");
  }

  @Test
  void theDescriptionIsServedAndTheWebClientWasMadeFromIt(Caller caller) throws Exception {
    JsonNode served = caller.planner().get("/v3/api-docs").json();
    JsonNode kept =
        new tools.jackson.databind.json.JsonMapper()
            .readTree(java.nio.file.Files.readString(java.nio.file.Path.of("../web/openapi.json")));
    assertThat(served.path("paths").propertyNames())
        .containsExactlyInAnyOrderElementsOf(kept.path("paths").propertyNames());
    assertThat(served.path("components")).isEqualTo(kept.path("components"));
  }
}
