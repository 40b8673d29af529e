package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A drone's job from its plan to the map of what was laid where. */
@ExtendWith(RunningServer.class)
class FlightTest {
  private static Caller farm;
  private static String field;
  private static String drone;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Flown Eighty");
    drone = SeedingFarm.drone(farm);
    farm.post(
        "/api/v1/marks",
        Map.of(
            "kind",
            "HOUSE",
            "name",
            "Old house",
            "shape",
            "{\"type\":\"Point\",\"coordinates\":[-97.004,40.004]}"));
    assertThat(
            farm.put(
                    "/api/v1/cover/" + field,
                    Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)))
                .status())
        .isEqualTo(200);
  }

  private static String plan() {
    return "/api/v1/flight/plans/" + field + "/" + drone;
  }

  @Test
  void thePlanLaysItsPoundsAndLeavesTheHouseOut() {
    JsonNode plan = farm.get(plan()).json();
    double flown = plan.path("flownAcres").asDouble();
    // 150 ft round the house: 1.62 acres.
    assertThat(plan.path("leftOutAcres").asDouble()).isBetween(1.6, 1.8);
    double sum = 0;
    for (JsonNode flight : plan.path("flights")) {
      assertThat(flight.path("pounds").asDouble()).isLessThanOrEqualTo(88.0001);
      sum += flight.path("pounds").asDouble();
    }
    assertThat(sum).isCloseTo(flown * plan.path("rate").asDouble(), within(sum * 0.001));
    assertThat(plan.path("cautions").toString()).contains("aviation authority");
    assertThat(farm.get(plan() + "?bearing=0").json().path("bearing").asDouble()).isZero();
  }

  @Test
  void thePlanIsHandedOutAsGeoJsonAndKml() {
    JsonNode geo = farm.get(plan() + "/file?format=geojson").json();
    assertThat(geo.path("features").size()).isGreaterThan(50);
    assertThat(geo.toString()).contains("\"kind\":\"swath\"").contains("filling place");
    String kml = new String(farm.bytes(plan() + "/file?format=kml"), StandardCharsets.UTF_8);
    assertThat(kml).contains("<kml xmlns=").contains("Flight 1:").contains("<coordinates>-97.");
  }

  @ParameterizedTest
  @CsvSource({
    "bearing=900,direction is 0–360 °",
    "marginFt=-4,edge kept free is 0–500 ft",
    "pass=2,pass is 1–1",
    "longitude=-90&latitude=40,battery"
  })
  void aPlanThatCannotBeIsRefusedInWords(String query, String said) {
    Caller.Answer refused = farm.get(plan() + "?" + query);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains(said);
  }

  private static JsonNode run(String id) {
    return farm.get("/api/v1/flight/runs/" + id).json();
  }

  @Test
  void theStandInFliesPausesLandsAndLogs() {
    JsonNode started =
        farm.post(
                "/api/v1/flight/runs",
                Map.of("fieldId", field, "machineId", drone, "windMph", 5, "timesFaster", 50_000))
            .json();
    String id = started.path("id").asString();
    JsonNode paused = farm.post("/api/v1/flight/runs/" + id + "/pause", null).json();
    assertThat(paused.path("paused").asBoolean()).isTrue();
    double at = paused.path("seconds").asDouble();
    assertThat(run(id).path("seconds").asDouble()).isEqualTo(at);
    assertThat(farm.post("/api/v1/flight/runs/" + id + "/log", null).status()).isEqualTo(409);
    farm.post("/api/v1/flight/runs/" + id + "/resume", null);
    String events =
        new String(farm.bytes("/api/v1/flight/runs/" + id + "/events"), StandardCharsets.UTF_8);
    assertThat(events).contains("event:flight").contains("\"done\":true");
    JsonNode landed = run(id);
    assertThat(landed.path("now").path("doing").asString()).isEqualTo("LANDED");
    double planned = landed.path("plannedPounds").asDouble();
    assertThat(landed.path("pounds").asDouble()).isCloseTo(planned, within(planned * 0.02));
    JsonNode logged = farm.post("/api/v1/flight/runs/" + id + "/log", null).json();
    String entry = logged.path("entryId").asString();
    assertThat(farm.get("/api/v1/log").text()).contains(entry).contains("Flown in");
    JsonNode map = farm.get("/api/v1/log/" + entry + "/applied").json();
    assertThat(map.path("skippedPercent").asDouble()).isBetween(0.0, 12.0);
    assertThat(map.path("pounds").asDouble()).isCloseTo(planned, within(planned * 0.02));
    assertThat(map.path("blocks").size()).isGreaterThan(100);
    assertThat(farm.post("/api/v1/flight/runs/" + id + "/log", null).status()).isEqualTo(409);
    importsOver(entry);
  }

  /** A monitor's own points may take the place of what was there; wrong files change nothing. */
  private static void importsOver(String entry) {
    byte[] points = farm.bytes("/api/v1/simulator/drill-monitor/" + field);
    Caller.Answer brought = farm.upload("/api/v1/log/" + entry + "/applied", "points.csv", points);
    assertThat(brought.status()).as(brought.text()).isEqualTo(200);
    assertThat(brought.json().path("source").asString()).isEqualTo("imported file");
    assertThat(brought.json().path("actualRate").asDouble()).isBetween(66.0, 78.0);
    assertThat(brought.json().path("overlappedPercent").asDouble()).isLessThan(3);
    String[][] wrong = {
      {"longitude,latitude,pounds\n-97,40,1\n", "the file has no column seconds"},
      {
        "longitude,latitude,seconds,pounds,width_ft\n-97,140,1,1,15\n",
        "line 2: latitude is -90 to 90, got “140”"
      },
      {"longitude,latitude,seconds,pounds,width_ft\n", "there are no points in this file"},
      {
        "longitude,latitude,seconds,pounds,width_ft\n10,40,1,1,15\n10.0001,40,2,1,15\n",
        "none of these points lie in the field"
      }
    };
    for (String[] file : wrong) {
      Caller.Answer refused =
          farm.upload("/api/v1/log/" + entry + "/applied", "x.csv", file[0].getBytes());
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.json().path("detail").asString()).contains(file[1]);
    }
    assertThat(farm.get("/api/v1/log/" + entry + "/applied").json().path("source").asString())
        .isEqualTo("imported file");
  }

  @Test
  void tooMuchWindDoesNotStart() {
    Caller.Answer refused =
        farm.post(
            "/api/v1/flight/runs", Map.of("fieldId", field, "machineId", drone, "windMph", 22));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("wind is at most 14 mph for a start, got 22");
  }

  @Test
  void theSameFlightIsToldTheSameAfterAWhile() {
    JsonNode started =
        farm.post(
                "/api/v1/flight/runs",
                Map.of("fieldId", field, "machineId", drone, "timesFaster", 1))
            .json();
    String id = started.path("id").asString();
    assertThat(Duration.ofSeconds((long) started.path("totalSeconds").asDouble()))
        .isGreaterThan(Duration.ofHours(1));
    farm.post("/api/v1/flight/runs/" + id + "/pause", null);
    assertThat(run(id).path("now")).isEqualTo(run(id).path("now"));
    assertThat(keptPlan(id)).contains("\"flights\"").contains("\"poundsPerFoot\"");
    assertThat(farm.delete("/api/v1/flight/runs/" + id).status()).isEqualTo(200);
  }

  /** The plan as its row keeps it; a server that starts anew flies this one. */
  private static String keptPlan(String id) {
    return RunningServer.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
        .sql("select flown::text from flight_run where id = ?::uuid")
        .param(id)
        .query(String.class)
        .single();
  }
}
