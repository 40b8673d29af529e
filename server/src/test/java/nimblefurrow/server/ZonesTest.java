package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A field cut into zones: acres, covers and counts of their own, in files and out of them. */
@ExtendWith(RunningServer.class)
class ZonesTest {
  private static final String WEST_HALF =
      "{\"type\":\"Polygon\",\"coordinates\":[[[-97.01,40],[-97.005,40],[-97.005,40.0075],"
          + "[-97.01,40.0075],[-97.01,40]]]}";

  private Caller farm;
  private String field;

  @BeforeEach
  void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Two Soils");
  }

  private JsonNode zone(Map<String, Object> said) {
    return farm.post("/api/v1/fields/" + field + "/zones", said).json();
  }

  private double acres() {
    return farm.get("/api/v1/fields/" + field).json().path("field").path("acres").asDouble();
  }

  private List<JsonNode> lanes() {
    List<JsonNode> lanes = new ArrayList<>();
    farm.get("/api/v1/season").json().path("lanes").forEach(lanes::add);
    return lanes;
  }

  @Test
  void drawnAndByShareTheyHaveTheirAcresAndWhatCannotBeIsRefused() {
    JsonNode west = zone(Map.of("name", "West", "boundary", WEST_HALF, "soil", "CLAY"));
    assertThat(west.path("acres").asDouble()).isCloseTo(acres() / 2, within(0.01));
    JsonNode knob = zone(Map.of("name", "Knob", "share", 0.25));
    assertThat(knob.path("acres").asDouble()).isCloseTo(acres() / 4, within(1e-6));
    assertThat(farm.get("/api/v1/fields/" + field).json().path("field").path("zones"))
        .extracting(z -> z.path("name").asString())
        .containsExactly("Knob", "West");
    String zones = "/api/v1/fields/" + field + "/zones";
    assertThat(farm.post(zones, Map.of("name", "East", "share", 0.5)).text())
        .contains("more than the whole field");
    assertThat(farm.post(zones, Map.of("name", "west", "share", 0.1)).status()).isEqualTo(400);
    assertThat(farm.post(zones, Map.of("name", "Neither")).text())
        .contains("either drawn or a share");
    String id = knob.path("id").asString();
    Map<String, Object> changed = Map.of("name", "Sandy knob", "share", 0.3, "version", 0);
    assertThat(farm.put("/api/v1/fields/zones/" + id, changed).json().path("acres").asDouble())
        .isCloseTo(acres() * 0.3, within(1e-6));
    assertThat(farm.put("/api/v1/fields/zones/" + id, changed).status()).isEqualTo(409);
    assertThat(farm.delete("/api/v1/fields/zones/" + id).status()).isEqualTo(200);
  }

  @Test
  void aZoneWithACoverOfItsOwnHasALaneOfItsOwnAndTheFieldTheRest() {
    String bottom = zone(Map.of("name", "Bottom", "share", 0.25)).path("id").asString();
    keep(null, TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1));
    assertThat(lanes()).hasSize(1);
    keep(bottom, TestFarm.cover("BROADCAST", "WINTER_KILL", "oats", 1));
    List<JsonNode> lanes = lanes();
    assertThat(lanes)
        .extracting(l -> l.path("field").asString())
        .containsExactly("Two Soils", "Two Soils · Bottom");
    assertThat(lanes.get(0).path("acres").asDouble()).isCloseTo(acres() * 0.75, within(1e-6));
    assertThat(lanes.get(1).path("acres").asDouble()).isCloseTo(acres() * 0.25, within(1e-6));
    assertThat(lanes.get(1).path("cover").asString()).contains("oats");
    List<Double> worked = new ArrayList<>();
    farm.get("/api/v1/dispatch")
        .json()
        .path("jobs")
        .forEach(
            j -> {
              if (j.path("id").path("operation").asString().equals("SEED")) {
                worked.add(j.path("acres").asDouble());
              }
            });
    assertThat(worked.stream().mapToDouble(a -> a).sum()).isCloseTo(acres(), within(1e-6));
    assertThat(farm.delete("/api/v1/fields/zones/" + bottom).text()).contains("it stays");
    assertThat(farm.delete("/api/v1/cover/" + field + "?zone=" + bottom).status()).isEqualTo(200);
    assertThat(lanes()).hasSize(1);
  }

  @Test
  void theGroundThatIsFitLeastOftenHoldsTheFieldBack() {
    keep(null, TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1));
    assertThat(lanes().get(0).path("heldBackBy").isMissingNode()).isTrue();
    zone(Map.of("name", "Clay bottom", "share", 0.2, "soil", "CLAY"));
    assertThat(lanes().get(0).path("heldBackBy").asString()).isEqualTo("Clay bottom");
    assertThat(farm.get("/api/v1/season/" + field).json().path("heldBackBy").asString())
        .isEqualTo("Clay bottom");
  }

  @Test
  void aCountInOneZoneMovesTheFieldOnlyWhereThatZoneIsLast() {
    RunningServer.bean(DemoFarm.class)
        .build("Zone Farm", "planner@zone.example", "operator@zone.example", 28);
    farm = new Caller(RunningServer.address()).signIn("planner@zone.example", DemoFarm.PASSWORD);
    LocalDate may = LocalDate.of(2027, 5, 20);
    farm.put("/api/v1/farm/day", Map.of("day", may.toString()));
    JsonNode lane = lane("North Quarter");
    field = lane.path("fieldId").asString();
    String low = zone(Map.of("name", "Low", "share", 0.2)).path("id").asString();
    String high = zone(Map.of("name", "High", "share", 0.2)).path("id").asString();
    String before = ends();
    count(high, may, 50);
    assertThat(ends()).as("a zone that is ahead waits for the rest").isEqualTo(before);
    count(low, may, 2);
    assertThat(ends()).as("the field waits for the zone behind").isGreaterThan(before);
    assertThat(lane("North Quarter").path("heldBackBy").asString()).isEqualTo("Low");
  }

  @Test
  void zonesLeaveInAFileAndComeBackWithTheirField() {
    zone(Map.of("name", "West", "boundary", WEST_HALF, "soil", "CLAY", "tiled", true));
    zone(Map.of("name", "Knob", "share", 0.25));
    String file = farm.get("/api/v1/exchange/fields").text();
    Caller other = new Caller(RunningServer.address()).ownFarm();
    byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
    JsonNode preview = other.upload("/api/v1/exchange/fields", "f.geojson", bytes).json();
    assertThat(preview.path("fields"))
        .extracting(f -> f.path("name").asString())
        .containsExactly("Two Soils", "Knob, zone of Two Soils", "West, zone of Two Soils");
    assertThat(preview.path("refused").asInt()).isZero();
    other.upload("/api/v1/exchange/fields?save=true", "f.geojson", bytes);
    JsonNode zones = other.get("/api/v1/fields").json().get(0).path("field").path("zones");
    assertThat(zones.get(1).path("soil").asString()).isEqualTo("CLAY");
    assertThat(zones.get(1).path("tiled").asBoolean()).isTrue();
    assertThat(zones.get(0).path("share").asDouble()).isEqualTo(0.25);
    refused(other, file.replace("\"CLAY\"", "\"PEAT\""), "soil is none of ours: PEAT");
    refused(other, file.replace("\"tiled\":true", "\"tiled\":7"), "tiled is true or false");
    refused(other, file.replace("\"share\":0.25", "\"share\":1.5"), "share is 0–1, got 1.5");
    refused(
        other,
        file.replace("\"zoneOf\":\"Two Soils\"", "\"zoneOf\":\"Nowhere\""),
        "there is no field “Nowhere”");
  }

  private static void refused(Caller farm, String file, String why) {
    byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
    JsonNode preview = farm.upload("/api/v1/exchange/fields", "f.geojson", bytes).json();
    assertThat(preview.path("fields").toString()).contains(why);
  }

  private JsonNode lane(String name) {
    return lanes().stream()
        .filter(l -> l.path("field").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private String ends() {
    JsonNode termination = farm.get("/api/v1/season/" + field).json().path("termination");
    return termination.path("opens").path("middle").asString();
  }

  private void keep(String zone, Map<String, Object> cover) {
    Map<String, Object> kept = new HashMap<>();
    kept.put("cover", cover);
    kept.put("zone", zone);
    assertThat(farm.put("/api/v1/cover/" + field, kept).status()).isEqualTo(200);
  }

  private void count(String zone, LocalDate day, int past) {
    log(
        "STEM_COUNT",
        day.toString(),
        zone,
        Map.of("species", "cereal-rye", "spots", 5, "stems", 50, "past", past));
  }

  private void log(String kind, String day, String zone, Map<String, Object> more) {
    Map<String, Object> entry = new HashMap<>(more);
    entry.put("id", UUID.randomUUID().toString());
    entry.put("fieldId", field);
    entry.put("kind", kind);
    entry.put("on", day);
    entry.put("zoneId", zone);
    Caller.Answer answer = farm.post("/api/v1/log", entry);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
  }
}
