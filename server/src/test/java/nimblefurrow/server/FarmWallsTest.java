package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What one farm has, no other farm can see or touch: tried with real ids on every endpoint. */
@ExtendWith(RunningServer.class)
class FarmWallsTest {
  private static Caller ours;
  private static Caller theirs;
  private static Map<String, String> ids;

  @BeforeAll
  static void twoFarms() {
    theirs = new Caller(RunningServer.address()).ownFarm();
    String field = TestFarm.field(theirs, "Their field");
    theirs.post(
        "/api/machines",
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
        "/api/lots",
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
        "/api/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    String today = theirs.get("/api/session").json().path("today").asString();
    String entry =
        theirs
            .post("/api/log", Map.of("fieldId", field, "kind", "HARVESTED", "on", today))
            .json()
            .path("entry")
            .path("id")
            .asString();
    ids = new TreeMap<>();
    ids.put("field", field);
    ids.put("machine", theirs.get("/api/machines").json().get(0).path("id").asString());
    ids.put("lot", theirs.get("/api/lots").json().get(0).path("id").asString());
    ids.put(
        "link",
        theirs.get("/api/fields/" + field).json().path("chain").get(0).path("id").asString());
    ids.put("entry", entry);
    ids.put("job", theirs.get("/api/dispatch").json().path("jobs").get(0).path("id").asString());
    ours = new Caller(RunningServer.address()).ownFarm();
    TestFarm.field(ours, "Our field");
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
    tried.add(new Tried("GET", "/api/season/" + field, null));
    tried.add(new Tried("GET", "/api/fields/" + field, null));
    tried.add(new Tried("PUT", "/api/fields/" + field, land));
    tried.add(new Tried("DELETE", "/api/fields/" + field, null));
    tried.add(new Tried("POST", "/api/fields/" + field + "/crops", crop));
    tried.add(new Tried("PUT", "/api/fields/crops/" + ids.get("link"), crop));
    tried.add(new Tried("DELETE", "/api/fields/crops/" + ids.get("link"), null));
    tried.add(new Tried("GET", "/api/cover/" + field, null));
    tried.add(new Tried("PUT", "/api/cover/" + field, Map.of("cover", cover)));
    tried.add(new Tried("DELETE", "/api/cover/" + field, null));
    tried.add(new Tried("POST", "/api/cover/try", Map.of("fieldId", field, "candidate", cover)));
    tried.add(new Tried("PUT", "/api/machines/" + machine, rig));
    tried.add(new Tried("DELETE", "/api/machines/" + machine, null));
    tried.add(new Tried("PUT", "/api/lots/" + ids.get("lot"), lot));
    tried.add(new Tried("DELETE", "/api/lots/" + ids.get("lot"), null));
    tried.add(
        new Tried(
            "POST",
            "/api/dispatch/what-if",
            Map.of("jobId", ids.get("job"), "machineId", machine, "day", "2027-10-01")));
    tried.add(
        new Tried(
            "PUT",
            "/api/dispatch/jobs/" + ids.get("job"),
            Map.of("machineId", machine, "day", "2027-10-01", "locked", true, "acceptLate", true)));
    tried.add(new Tried("DELETE", "/api/dispatch/jobs/" + ids.get("job"), null));
    tried.add(
        new Tried(
            "POST", "/api/log", Map.of("fieldId", field, "kind", "HARVESTED", "on", "2026-10-01")));
    tried.add(new Tried("DELETE", "/api/log/" + ids.get("entry"), null));
    return tried;
  }

  @Test
  void anothersIdsLeadNowhere() {
    for (Tried t : all()) {
      assertThat(ours.send(t.method(), t.path(), t.body()).status())
          .as(t.method() + " " + t.path())
          .isEqualTo(404);
    }
    assertThat(theirs.get("/api/fields").json()).hasSize(1);
    assertThat(theirs.get("/api/machines").json()).hasSize(1);
    assertThat(theirs.get("/api/lots").json()).hasSize(1);
    assertThat(theirs.get("/api/log").json()).hasSize(1);
  }

  @Test
  void listsHoldOnlyOnesOwn() {
    assertThat(ours.get("/api/fields").text()).contains("Our field").doesNotContain("Their field");
    assertThat(ours.get("/api/season").text()).contains("Our field").doesNotContain("Their field");
    assertThat(ours.get("/api/machines").text()).doesNotContain("Their");
    assertThat(ours.get("/api/lots").text()).doesNotContain("Their");
    assertThat(ours.get("/api/exchange/fields").text()).doesNotContain("Their");
    assertThat(ours.get("/api/dispatch").text()).doesNotContain("Their");
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
                          if (path.getKey().contains("{")) {
                            described.add(
                                method.toUpperCase()
                                    + " "
                                    + path.getKey().replaceAll("\\{[^}]*}", "*"));
                          }
                        }));
    TreeSet<String> tried = new TreeSet<>();
    for (Tried t : all()) {
      String path = t.path();
      for (String id : ids.values()) {
        path = path.replace(id, "*");
      }
      tried.add(t.method() + " " + path);
    }
    assertThat(tried).containsAll(described);
  }
}
