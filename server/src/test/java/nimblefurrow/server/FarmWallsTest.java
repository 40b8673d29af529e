package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What one farm has, no other farm can see or touch: tried with real ids on every endpoint. */
@ExtendWith(RunningServer.class)
class FarmWallsTest {
  private static final Map<String, Object> KILL_DATE =
      Map.of("name", "insurance", "kind", "DEAD_BY", "on", "2027-06-10", "fieldIds", List.of());

  private static Caller ours;
  private static Caller theirs;
  private static Map<String, String> ids;

  @BeforeAll
  static void twoFarms() {
    theirs = new Caller(RunningServer.address()).ownFarm();
    String field = TestFarm.field(theirs, "Their field");
    theirs.post(
        "/api/v1/machines",
        Map.of(
            "name",
            "Their drill",
            "kind",
            "DRILL",
            "acresPerHour",
            6,
            "hired",
            false,
            "costPerAcre",
            17));
    theirs.post(
        "/api/v1/lots",
        Map.of(
            "species",
            "cereal-rye",
            "name",
            "Their rye",
            "purity",
            98,
            "germination",
            85,
            "pounds",
            1000));
    theirs.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    String today = theirs.get("/api/v1/session").json().path("today").asString();
    String entry =
        theirs
            .post("/api/v1/log", Map.of("fieldId", field, "kind", "HARVESTED", "on", today))
            .json()
            .path("id")
            .asString();
    ids = new TreeMap<>();
    ids.put("field", field);
    ids.put("machine", theirs.get("/api/v1/machines").json().get(0).path("id").asString());
    ids.put("lot", theirs.get("/api/v1/lots").json().get(0).path("id").asString());
    ids.put(
        "link",
        theirs.get("/api/v1/fields/" + field).json().path("chain").get(0).path("id").asString());
    ids.put("entry", entry);
    JsonNode job = theirs.get("/api/v1/dispatch").json().path("jobs").get(0).path("id");
    ids.put("photo", UUID.randomUUID().toString());
    theirs.upload(
        "/api/v1/log/" + entry + "/photos/" + ids.get("photo"),
        "p.jpg",
        LooksApiTest.picture(4, 4));
    assertThat(theirs.bytes("/api/v1/log/photos/" + ids.get("photo"))).isNotEmpty();
    ids.put("product", PRODUCT.get("id").toString());
    assertThat(theirs.post("/api/v1/sprays/products", PRODUCT).status()).isEqualTo(200);
    ids.put("killDate", UUID.randomUUID().toString());
    assertThat(theirs.put("/api/v1/termination-dates/" + ids.get("killDate"), KILL_DATE).status())
        .isEqualTo(200);
    ids.put("gauge", UUID.randomUUID().toString());
    theirs.post(
        "/api/v1/gauges",
        Map.of("id", ids.get("gauge"), "fieldId", field, "day", today, "rainIn", 0.4));
    assertThat(theirs.post("/api/v1/away", AWAY).status()).isEqualTo(200);
    ids.put("away", AWAY.get("id").toString());
    ids.put("other", UUID.randomUUID().toString());
    assertThat(
            theirs
                .post("/api/v1/other-work", otherWork(ids.get("other"), ids.get("machine")))
                .status())
        .isEqualTo(200);
    ids.put("part", UUID.randomUUID().toString());
    assertThat(theirs.post("/api/v1/dispatch/parts", part(ids.get("part"), job)).status())
        .isEqualTo(200);
    ids.put("feed", id(theirs.post("/api/v1/feeds", Map.of("person", "Somebody"))));
    ids.put(
        "crew",
        id(theirs.post("/api/v1/crews", Map.of("machineId", ids.get("machine"), "until", today))));
    ids.put("report", UUID.randomUUID().toString());
    theirsSay(ids.get("report"));
    ids.put(
        "version",
        theirs.post("/api/v1/dispatch/versions", Map.of()).json().get(0).path("id").asString());
    ids.put("job", job.path("cover").asString());
    ids.put("operation", job.path("operation").asString());
    ids.put(
        "mark",
        id(
            theirs.post(
                "/api/v1/marks",
                Map.of(
                    "kind", "HOUSE", "shape", "{\"type\":\"Point\",\"coordinates\":[-97,40]}"))));
    ids.put(
        "zone",
        id(
            theirs.post(
                "/api/v1/fields/" + field + "/zones", Map.of("name", "Knob", "share", 0.2))));
    ids.put("herbicide", id(theirs.post("/api/v1/herbicides/fields/" + field, HERBICIDE)));
    ids.put("mix", id(theirs.post("/api/v1/mixes", MIX)));
    theirs.upload("/api/v1/lot-papers/lots/" + ids.get("lot"), "paper.txt", "tested".getBytes());
    ids.put(
        "paper",
        theirs
            .get("/api/v1/lot-papers/lots/" + ids.get("lot"))
            .json()
            .get(0)
            .path("id")
            .asString());
    ids.put(
        "calibration",
        id(
            theirs.post(
                "/api/v1/calibrations",
                Map.of("machineId", ids.get("machine"), "kind", "CATCH", "details", CATCH))));
    String drone = SeedingFarm.drone(theirs);
    ids.put("drone", drone);
    ids.put(
        "flight",
        id(
            theirs.post(
                "/api/v1/flight/runs",
                Map.of("fieldId", field, "machineId", drone, "windMph", 4))));
    ours = new Caller(RunningServer.address()).ownFarm();
    TestFarm.field(ours, "Our field");
  }

  private static final Map<String, Object> AWAY =
      Map.of(
          "id",
          UUID.randomUUID(),
          "person",
          "Somebody",
          "first",
          "2026-10-05",
          "last",
          "2026-10-06",
          "why",
          "wedding");
  private static final Map<String, Object> PRODUCT =
      Map.of("id", UUID.randomUUID(), "name", "Theirs", "active", "glyphosate", "kind", "SYSTEMIC");
  private static final Map<String, Object> HERBICIDE =
      Map.of(
          "active",
          "imazethapyr",
          "appliedOn",
          "2026-06-01",
          "days",
          300,
          "families",
          List.of("BRASSICA"));
  private static final Map<String, Object> MIX =
      Map.of("name", "Theirs", "members", List.of(Map.of("species", "oats", "share", 1)));
  private static final Map<String, Object> CATCH =
      Map.of("grams", 620, "outlets", 8, "rowSpacingIn", 7.5, "distanceFt", 200, "setting", 40);
  private static final String SQUARE =
      "{\"type\":\"Polygon\",\"coordinates\":[[[-97.01,40],[-97,40],[-97,40.007],[-97.01,40.007],[-97.01,40]]]}";
  private static final String LINE =
      "{\"type\":\"LineString\",\"coordinates\":[[-97.02,40.003],[-96.99,40.003]]}";

  private static void theirsSay(String report) {
    for (JsonNode job : Plans.board(theirs).path("jobs")) {
      if (job.has("place")) {
        Caller.Answer said =
            theirs.post(
                "/api/v1/reports", Map.of("id", report, "job", job.path("id"), "kind", "STARTED"));
        assertThat(said.status()).as(said.text()).isEqualTo(200);
        break;
      }
    }
    assertThat(
            theirs
                .upload("/api/v1/reports/" + report + "/photo", "p.jpg", LooksApiTest.picture(4, 4))
                .status())
        .isEqualTo(200);
  }

  private static Map<String, Object> part(String id, JsonNode job) {
    return Map.of("id", id, "acres", 2, "job", job);
  }

  private static Map<String, Object> otherWork(String id, String machine) {
    return Map.of(
        "id",
        id,
        "what",
        "haul",
        "machineId",
        machine,
        "hours",
        3,
        "first",
        "2026-10-05",
        "last",
        "2026-10-09");
  }

  private static String id(Caller.Answer answer) {
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    return answer.json().path("id").asString();
  }

  private record Tried(String method, String path, Object body) {}

  /** Every endpoint that takes an id, with the other farm's. */
  private static List<Tried> all() {
    String field = ids.get("field");
    String machine = ids.get("machine");
    Map<String, Object> cover = TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1);
    Map<String, Object> crop =
        Map.of("kind", "SOYBEANS", "planted", "2026-05-12", "maturity", 3.0, "version", 0);
    Map<String, Object> rig =
        Map.of("name", "x", "kind", "DRILL", "acresPerHour", 6, "hired", false, "costPerAcre", 1);
    Map<String, Object> lot =
        Map.of("species", "cereal-rye", "name", "x", "purity", 98, "germination", 85, "pounds", 1);
    Map<String, Object> land =
        Map.of(
            "name",
            "x",
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
    List<Tried> tried = new ArrayList<>();
    tried.add(new Tried("GET", "/api/v1/season/" + field, null));
    tried.add(new Tried("GET", "/api/v1/fields/" + field + "/growth", null));
    String spray = ids.get("product");
    tried.add(new Tried("GET", "/api/v1/sprays/fields/" + field + "?product=" + spray, null));
    String planned = "/api/v1/sprays/fields/" + field + "/planned";
    tried.add(new Tried("GET", planned, null));
    tried.add(new Tried("PUT", planned, Map.of("product", spray)));
    tried.add(new Tried("PUT", "/api/v1/sprays/products/" + spray, PRODUCT));
    tried.add(new Tried("DELETE", "/api/v1/sprays/products/" + spray, null));
    tried.add(new Tried("GET", "/api/v1/termination/" + field + "/worth", null));
    tried.add(new Tried("GET", "/api/v1/termination/" + field + "/methods", null));
    tried.add(new Tried("GET", "/api/v1/termination/" + field + "/plan", null));
    tried.add(new Tried("GET", "/api/v1/work-orders/terminations/" + field, null));
    tried.add(
        new Tried(
            "PUT",
            "/api/v1/termination/planting",
            Map.of("day", "2027-05-20", "fields", List.of(Map.of("fieldId", field)))));
    String killDate = "/api/v1/termination-dates/" + ids.get("killDate");
    tried.add(new Tried("PUT", killDate, KILL_DATE));
    tried.add(new Tried("DELETE", killDate, null));
    tried.add(
        new Tried(
            "PUT",
            "/api/v1/termination/chosen",
            Map.of("termination", "ROLL", "fields", List.of(Map.of("fieldId", field)))));
    tried.add(new Tried("DELETE", "/api/v1/away/" + ids.get("away"), null));
    String other = "/api/v1/other-work/" + ids.get("other");
    tried.add(new Tried("DELETE", "/api/v1/dispatch/parts/" + ids.get("part"), null));
    tried.add(new Tried("DELETE", other, null));
    tried.add(new Tried("POST", other + "/done", Map.of("day", "2026-10-05")));
    tried.add(
        new Tried("POST", "/api/v1/other-work", otherWork(UUID.randomUUID().toString(), machine)));
    tried.add(new Tried("DELETE", "/api/v1/feeds/" + ids.get("feed"), null));
    tried.add(new Tried("DELETE", "/api/v1/crews/" + ids.get("crew"), null));
    tried.add(
        new Tried("POST", "/api/v1/crews", Map.of("machineId", machine, "until", "2026-10-20")));
    String reported = "/api/v1/reports/" + ids.get("report") + "/photo";
    tried.add(new Tried("POST", reported, LooksApiTest.picture(4, 4)));
    tried.add(new Tried("GET", reported, null));
    tried.add(new Tried("POST", "/api/v1/feeds", Map.of("machineId", machine)));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/away",
            Map.of(
                "id",
                UUID.randomUUID(),
                "machineId",
                machine,
                "first",
                "2026-10-05",
                "last",
                "2026-10-06",
                "why",
                "x")));
    tried.add(new Tried("GET", "/api/v1/dispatch/versions/" + ids.get("version"), null));
    tried.add(
        new Tried(
            "POST", "/api/v1/dispatch/versions/" + ids.get("version") + "/restore", Map.of()));
    tried.add(
        new Tried(
            "GET",
            "/api/v1/dispatch/elsewhere/" + ids.get("job") + "/" + ids.get("operation"),
            null));
    tried.add(new Tried("DELETE", "/api/v1/gauges/" + ids.get("gauge"), null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/gauges",
            Map.of("id", UUID.randomUUID(), "fieldId", field, "day", "2026-07-01", "rainIn", 0.3)));
    String photos = "/api/v1/log/" + ids.get("entry") + "/photos/";
    tried.add(new Tried("POST", photos + ids.get("photo"), LooksApiTest.picture(4, 4)));
    tried.add(new Tried("GET", "/api/v1/log/photos/" + ids.get("photo"), null));
    tried.add(new Tried("GET", "/api/v1/fields/" + field, null));
    tried.add(new Tried("PUT", "/api/v1/fields/" + field, land));
    tried.add(new Tried("DELETE", "/api/v1/fields/" + field, null));
    tried.add(new Tried("POST", "/api/v1/fields/" + field + "/crops", crop));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/fields/" + field + "/cuts",
            Map.of("day", "2026-09-20", "cut", Map.of("how", "FORAGE_CUT"))));
    Map<String, Object> zone = Map.of("name", "Bottom", "share", 0.1, "version", 0);
    tried.add(new Tried("POST", "/api/v1/fields/" + field + "/zones", zone));
    tried.add(new Tried("PUT", "/api/v1/fields/zones/" + ids.get("zone"), zone));
    tried.add(new Tried("DELETE", "/api/v1/fields/zones/" + ids.get("zone"), null));
    tried.add(new Tried("PUT", "/api/v1/fields/crops/" + ids.get("link"), crop));
    tried.add(new Tried("DELETE", "/api/v1/fields/crops/" + ids.get("link"), null));
    tried.add(new Tried("GET", "/api/v1/cover/" + field, null));
    tried.add(new Tried("PUT", "/api/v1/cover/" + field, Map.of("cover", cover)));
    tried.add(new Tried("DELETE", "/api/v1/cover/" + field, null));
    tried.add(new Tried("POST", "/api/v1/cover/try", Map.of("fieldId", field, "candidate", cover)));
    tried.add(new Tried("PUT", "/api/v1/machines/" + machine, rig));
    tried.add(new Tried("DELETE", "/api/v1/machines/" + machine, null));
    tried.add(new Tried("PUT", "/api/v1/lots/" + ids.get("lot"), lot));
    tried.add(new Tried("DELETE", "/api/v1/lots/" + ids.get("lot"), null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/dispatch/what-if",
            Map.of(
                "job",
                Map.of("cover", ids.get("job"), "operation", ids.get("operation")),
                "machineId",
                machine,
                "day",
                "2027-10-01")));
    tried.add(
        new Tried(
            "PUT",
            "/api/v1/dispatch/jobs/" + ids.get("job") + "/" + ids.get("operation"),
            Map.of("machineId", machine, "day", "2027-10-01", "locked", true, "acceptLate", true)));
    tried.add(
        new Tried(
            "DELETE",
            "/api/v1/dispatch/jobs/" + ids.get("job") + "/" + ids.get("operation"),
            null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/log",
            Map.of(
                "id",
                UUID.randomUUID(),
                "fieldId",
                field,
                "kind",
                "HARVESTED",
                "on",
                "2026-10-01")));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/log/" + ids.get("entry") + "/corrections",
            Map.of("id", UUID.randomUUID(), "kind", "WITHDRAWN")));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/log/" + ids.get("entry") + "/replacement",
            Map.of(
                "entry",
                Map.of(
                    "id",
                    UUID.randomUUID(),
                    "fieldId",
                    field,
                    "kind",
                    "HARVESTED",
                    "on",
                    "2026-10-01"))));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/log/" + ids.get("entry") + "/again",
            Map.of(
                "on",
                "2026-10-01",
                "fields",
                List.of(Map.of("id", UUID.randomUUID(), "fieldId", field)))));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/advice/many",
            Map.of(
                "fields",
                List.of(field),
                "goals",
                Map.of("KEEP_NITROGEN", 1),
                "termination",
                "EARLY_SPRAY")));
    tried.add(
        new Tried(
            "PUT",
            "/api/v1/cover/many",
            Map.of(
                "covers",
                List.of(
                    Map.of(
                        "fieldId",
                        field,
                        "cover",
                        TestFarm.cover("DRILL", "EARLY_SPRAY", "oats", 1))))));
    String drone = ids.get("drone");
    String run = "/api/v1/flight/runs/" + ids.get("flight");
    tried.add(new Tried("GET", "/api/v1/openings/" + field, null));
    tried.add(new Tried("GET", "/api/v1/season/" + field + "/day?on=2026-10-01", null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/crops/read",
            Map.of("cells", List.of(Map.of("fieldId", field, "year", 2029, "text", "corn")))));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/crops/rotation",
            Map.of("fields", List.of(field), "crops", List.of("OATS"), "from", 2029, "to", 2030)));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/crops",
            Map.of(
                "cells",
                List.of(
                    Map.of(
                        "fieldId",
                        field,
                        "field",
                        "x",
                        "year",
                        2029,
                        "kind",
                        "OATS",
                        "planted",
                        "2029-04-02",
                        "words",
                        "oats")))));
    tried.add(
        new Tried("POST", "/api/v1/crops/take-back", Map.of("links", List.of(ids.get("link")))));
    tried.add(new Tried("PUT", "/api/v1/fields/" + field + "/left-out", Map.of("season", 2026)));
    tried.add(new Tried("PUT", "/api/v1/machines/" + machine + "/setup", Map.of("widthFt", 15)));
    Map<String, Object> mark =
        Map.of("kind", "HOUSE", "shape", "{\"type\":\"Point\",\"coordinates\":[-97,40]}");
    tried.add(new Tried("PUT", "/api/v1/marks/" + ids.get("mark"), mark));
    tried.add(new Tried("DELETE", "/api/v1/marks/" + ids.get("mark"), null));
    tried.add(new Tried("PUT", "/api/v1/land/" + field + "/boundary", Map.of("shape", SQUARE)));
    tried.add(new Tried("POST", "/api/v1/land/" + field + "/hole", Map.of("shape", SQUARE)));
    tried.add(
        new Tried("POST", "/api/v1/land/" + field + "/split", Map.of("line", LINE, "name", "x")));
    tried.add(new Tried("POST", "/api/v1/land/" + field + "/join", Map.of("other", machine)));
    tried.add(new Tried("GET", "/api/v1/herbicides/fields/" + field, null));
    tried.add(new Tried("POST", "/api/v1/herbicides/fields/" + field, HERBICIDE));
    tried.add(new Tried("DELETE", "/api/v1/herbicides/" + ids.get("herbicide"), null));
    tried.add(new Tried("DELETE", "/api/v1/mixes/" + ids.get("mix"), null));
    String lotPapers = "/api/v1/lot-papers/lots/" + ids.get("lot");
    tried.add(new Tried("GET", lotPapers, null));
    tried.add(new Tried("POST", lotPapers, "x".getBytes()));
    tried.add(new Tried("GET", "/api/v1/lot-papers/" + ids.get("paper"), null));
    tried.add(new Tried("DELETE", "/api/v1/lot-papers/" + ids.get("paper"), null));
    tried.add(new Tried("GET", "/api/v1/calibrations/machines/" + machine, null));
    tried.add(new Tried("DELETE", "/api/v1/calibrations/" + ids.get("calibration"), null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/calibrations",
            Map.of("machineId", machine, "kind", "CATCH", "details", CATCH)));
    tried.add(new Tried("POST", "/api/v1/loads", Map.of("fieldId", field, "machineId", machine)));
    tried.add(new Tried("GET", "/api/v1/loads/methods/" + field, null));
    tried.add(
        new Tried(
            "POST",
            "/api/v1/advice",
            Map.of("fieldId", field, "goals", Map.of("LOOSEN", 1), "termination", "ROLL")));
    tried.add(new Tried("GET", "/api/v1/flight/plans/" + field + "/" + drone, null));
    tried.add(new Tried("GET", "/api/v1/flight/plans/" + field + "/" + drone + "/file", null));
    tried.add(
        new Tried("POST", "/api/v1/flight/runs", Map.of("fieldId", field, "machineId", drone)));
    tried.add(new Tried("GET", run, null));
    tried.add(new Tried("GET", run + "/events", null));
    tried.add(new Tried("POST", run + "/pause", null));
    tried.add(new Tried("POST", run + "/resume", null));
    tried.add(new Tried("POST", run + "/log", null));
    tried.add(new Tried("DELETE", run, null));
    tried.add(new Tried("GET", "/api/v1/simulator/drill-monitor/" + field, null));
    String applied = "/api/v1/log/" + ids.get("entry") + "/applied";
    tried.add(new Tried("GET", applied, null));
    tried.add(new Tried("GET", applied + "/points", null));
    tried.add(new Tried("POST", applied, "longitude\n".getBytes()));
    tried.add(new Tried("GET", "/api/v1/work-orders/" + field + "/" + machine, null));
    tried.add(new Tried("GET", "/api/v1/work-orders/machines/" + machine, null));
    return tried;
  }

  @Test
  void anothersIdsLeadNowhere() {
    for (Tried t : all()) {
      Caller.Answer answer =
          t.body() instanceof byte[] file
              ? ours.upload(t.path(), "f.txt", file)
              : ours.send(t.method(), t.path(), t.body());
      assertThat(answer.status())
          .as(t.method() + " " + t.path() + ": " + answer.text())
          .isEqualTo(404);
    }
    assertThat(theirs.get("/api/v1/fields").json()).hasSize(1);
    assertThat(theirs.get("/api/v1/machines").json()).hasSize(2);
    assertThat(theirs.get("/api/v1/marks").json()).hasSize(1);
    assertThat(theirs.get("/api/v1/mixes").json()).hasSize(1);
    assertThat(theirs.get("/api/v1/lots").json()).hasSize(1);
    assertThat(theirs.get("/api/v1/log").json()).hasSize(1);
  }

  @Test
  void listsHoldOnlyOnesOwn() {
    assertThat(ours.get("/api/v1/fields").text())
        .contains("Our field")
        .doesNotContain("Their field");
    assertThat(ours.get("/api/v1/season").text())
        .contains("Our field")
        .doesNotContain("Their field");
    Map<String, Object> theirLane = Map.of("lanes", List.of(ids.get("field")));
    assertThat(theirs.post("/api/v1/season/lanes", theirLane).json()).hasSize(1);
    assertThat(ours.post("/api/v1/season/lanes", theirLane).json()).isEmpty();
    assertThat(ours.get("/api/v1/machines").text()).doesNotContain("Their");
    assertThat(ours.get("/api/v1/lots").text()).doesNotContain("Their");
    assertThat(ours.get("/api/v1/exchange/fields").text()).doesNotContain("Their");
    assertThat(ours.get("/api/v1/dispatch").text()).doesNotContain("Their");
    assertThat(ours.get("/api/v1/dispatch/risk").text()).doesNotContain("Their");
    assertThat(ours.get("/api/v1/land").text()).doesNotContain("Their field");
    assertThat(ours.get("/api/v1/mixes").text()).doesNotContain("Theirs");
    assertThat(ours.get("/api/v1/flight/runs").text()).doesNotContain("Their");
  }

  /** When an endpoint with an id is added, it must be tried here too. */
  @Test
  void everyEndpointWithAnIdIsTried() {
    TreeSet<String> described = new TreeSet<>();
    ours.get("/v3/api-docs")
        .json()
        .path("paths")
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .propertyNames()
                    .forEach(
                        method -> {
                          if (path.getKey().contains("{")
                              && !path.getKey().contains("{species}")
                              && !path.getKey().contains("{exercise}")
                              && !path.getKey().contains("{word}")
                              && !path.getKey().contains("{way}")) {
                            described.add(
                                method.toUpperCase()
                                    + " "
                                    + path.getKey().replaceAll("\\{[^}]*}", "*"));
                          }
                        }));
    TreeSet<String> tried = new TreeSet<>();
    for (Tried t : all()) {
      String path = t.path().replaceAll("[?].*", "");
      for (String id : ids.values()) {
        path = path.replace(id, "*");
      }
      tried.add(t.method() + " " + path);
    }
    assertThat(tried).containsAll(described);
  }
}
