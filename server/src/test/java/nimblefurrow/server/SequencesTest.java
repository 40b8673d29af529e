package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Covers that take several goes over the field: cut and sown again, disced, slurried over. */
@ExtendWith(RunningServer.class)
class SequencesTest {
  private static Caller planner;
  private static final List<String> MADE = new java.util.ArrayList<>();
  private String field;

  @BeforeAll
  static void signIn() {
    planner = new Caller(RunningServer.address()).planner();
  }

  @AfterAll
  static void leaveTheDemoAsItWas() {
    MADE.forEach(id -> planner.delete("/api/v1/fields/" + id));
    day("2026-10-01");
  }

  /** Winter wheat off in July, corn next May: the widest opening of a rotation. */
  @BeforeEach
  void afterWheat() {
    day("2026-07-25");
    String name = "Sequence " + MADE.size();
    planner.upload(
        "/api/v1/exchange/fields?save=true",
        "f.geojson",
        TestFarm.ONE_FIELD.formatted(name).getBytes(StandardCharsets.UTF_8));
    for (var entry : planner.get("/api/v1/fields").json()) {
      if (entry.path("field").path("name").asString().equals(name)) {
        field = entry.path("field").path("id").asString();
      }
    }
    MADE.add(field);
    crop(Map.of("kind", "WINTER_WHEAT", "planted", "2025-10-05", "harvest", "2026-07-12"));
    crop(
        Map.of(
            "kind", "CORN_GRAIN", "planted", "2027-05-05", "maturity", 104, "harvestMoisture", 20));
  }

  private static void day(String day) {
    planner.put("/api/v1/farm/day", Map.of("day", day));
  }

  private void crop(Map<String, Object> crop) {
    Caller.Answer made = planner.post("/api/v1/fields/" + field + "/crops", crop);
    assertThat(made.status()).as(made.text()).isEqualTo(200);
  }

  private Caller.Answer cut(String day, String how) {
    return planner.post(
        "/api/v1/fields/" + field + "/cuts", Map.of("day", day, "cut", Map.of("how", how)));
  }

  private JsonNode cover(int place) {
    return planner.get("/api/v1/cover/" + field + "?place=" + place).json();
  }

  private void keep(int place, Map<String, Object> cover) {
    Caller.Answer kept =
        planner.put("/api/v1/cover/" + field, Map.of("cover", cover, "place", place));
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
  }

  private JsonNode tried(int place, Map<String, Object> cover) {
    return planner
        .post("/api/v1/cover/try", Map.of("fieldId", field, "place", place, "candidate", cover))
        .json();
  }

  private void log(String kind, String on, Map<String, Object> more) {
    Map<String, Object> entry = new HashMap<>(more);
    entry.putAll(Map.of("fieldId", field, "kind", kind, "on", on));
    Caller.Answer logged = planner.post("/api/v1/log", entry);
    assertThat(logged.status()).as(logged.text()).isEqualTo(200);
  }

  private List<JsonNode> jobs() {
    List<JsonNode> jobs = new java.util.ArrayList<>();
    for (JsonNode job : planner.get("/api/v1/dispatch").json().path("jobs")) {
      if (job.path("fieldId").asString().equals(field)) {
        jobs.add(job);
      }
    }
    return jobs;
  }

  @Test
  void aForageCutMakesRoomForAnotherCover() {
    Map<String, Object> sudan = TestFarm.cover("DRILL", "EARLY_SPRAY", "sorghum-sudangrass", 1);
    Map<String, Object> rye = TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1);
    keep(0, sudan);
    String useful = tried(0, sudan).path("members").get(0).path("lastUseful").asString();
    assertThat(cut("2026-09-20", "FORAGE_CUT").status()).isEqualTo(200);
    JsonNode first = tried(0, sudan);
    assertThat(first.path("members").get(0).path("lastUseful").asString())
        .as("it must have grown by the cut, not by dormancy")
        .isLessThan(useful);
    assertThat(first.path("terminations")).as("the cut is its end").isEmpty();
    assertThat(cover(0).path("makesRoom").asString()).contains("cut for forage about");
    assertThat(cover(0).path("next").asString()).isEqualTo("Another cover");
    keep(1, rye);
    assertThat(cover(1).path("places").toString())
        .isEqualTo("[\"after winter wheat\",\"after forage cut\"]");
    assertThat(tried(1, rye).path("window").path("opens").path("middle").asString())
        .isEqualTo("2026-09-20");
    assertThat(
            tried(1, TestFarm.cover("COMBINE_SEEDER", "EARLY_SPRAY", "cereal-rye", 1))
                .path("window")
                .path("impossible")
                .asString())
        .contains("no combine runs here");
    assertThat(jobs())
        .extracting(j -> j.path("id").path("operation").asString())
        .contains("SEED", "SEED");
    assertThat(planner.get("/api/v1/order").text()).contains("sorghum-sudangrass");
    JsonNode lane = planner.get("/api/v1/season/" + field).json();
    assertThat(lane.path("after").get(0).path("ground").asString()).isEqualTo("forage cut");
    assertThat(lane.path("after").get(0).path("cover").asString()).contains("ereal rye");

    day("2026-09-25");
    log("SEEDED", "2026-07-27", Map.of("acres", 50));
    assertThat(cover(0).path("sown").asBoolean())
        .as("what stands is not gone before its cut is logged")
        .isTrue();
    assertThat(tried(1, rye).path("window").path("opens").path("middle").asString())
        .isEqualTo("2026-09-26");
    log("CUT", "2026-09-22", Map.of("acres", 50));
    assertThat(cover(0).path("cover").path("members").get(0).path("species").asString())
        .isEqualTo("cereal-rye");
    assertThat(
            planner
                .post(
                    "/api/v1/log",
                    Map.of("fieldId", field, "kind", "HARVESTED", "on", "2026-09-24"))
                .text())
        .contains("a cut has freed the ground");
    assertThat(cover(0).path("afterCut").asBoolean()).isTrue();
    assertThat(tried(0, rye).path("window").path("opens").path("middle").asString())
        .isEqualTo("2026-09-22");
  }

  @Test
  void aCutHasSomethingToCutAndACoverAfterItIsNotLeftInTheAir() {
    assertThat(cut("2020-01-01", "FORAGE_CUT").text()).contains("nothing stands in this field");
    assertThat(cut("2026-09-01", "ENDED").text()).contains("plan a cover first");
    keep(0, TestFarm.cover("DRILL", "ROLL", "buckwheat", 1));
    String cut = cut("2026-09-10", "ENDED").json().path("id").asString();
    assertThat(cut("2026-09-20", "ENDED").text()).contains("plan the cover after the cut");
    assertThat(jobs())
        .extracting(j -> j.path("id").path("operation").asString())
        .as("it is rolled to make room")
        .contains("ROLL");
    assertThat(planner.delete("/api/v1/cover/" + field).text()).contains("another cover follows");
    keep(1, TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1));
    assertThat(planner.delete("/api/v1/fields/crops/" + cut).text())
        .contains("take that cover out first");
    assertThat(planner.get("/api/v1/cover/" + field + "?place=2").text()).contains("is 0–1, got 2");
  }

  private List<String> kinds(String id) {
    List<String> kinds = new java.util.ArrayList<>();
    for (JsonNode link : planner.get("/api/v1/fields/" + id).json().path("chain")) {
      kinds.add(link.path("kind").asString());
    }
    return kinds;
  }

  @Test
  void aCropCutForForageIsOffOnThatDayAndTheCoverComesAfterIt() {
    assertThat(cut("2026-06-20", "FORAGE_CUT").status()).isEqualTo(200);
    Map<String, Object> sudan = TestFarm.cover("DRILL", "EARLY_SPRAY", "sorghum-sudangrass", 1);
    keep(0, sudan);
    assertThat(kinds(field)).containsExactly("CROP", "CUT", "COVER", "CROP");
    assertThat(cover(0).has("makesRoom")).as("the crop was cut, not the cover").isFalse();
    assertThat(tried(0, sudan).path("window").path("opens").path("middle").asString())
        .isEqualTo("2026-06-20");
  }

  @Test
  void aCoverChosenAfterAnEarlyCutComesAfterItAndASplitKeepsThem() {
    keep(0, TestFarm.cover("DRILL", "EARLY_SPRAY", "sorghum-sudangrass", 1));
    cut("2026-09-20", "FORAGE_CUT");
    day("2026-09-12");
    log("SEEDED", "2026-07-27", Map.of());
    log("CUT", "2026-09-10", Map.of());
    Map<String, Object> rye = TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1);
    keep(0, rye);
    assertThat(kinds(field)).containsExactly("CROP", "COVER", "CUT", "COVER", "CROP");
    assertThat(tried(0, rye).path("window").path("opens").path("middle").asString())
        .isEqualTo("2026-09-10");
    JsonNode parts =
        planner
            .post(
                "/api/v1/land/" + field + "/split",
                Map.of(
                    "line",
                    "{\"type\":\"LineString\",\"coordinates\":[[-97.02,40.003],[-96.99,40.003]]}",
                    "name",
                    "Split off " + MADE.size()))
            .json();
    String other = parts.get(1).path("id").asString();
    MADE.add(other);
    assertThat(kinds(other)).isEqualTo(kinds(field));
  }

  @Test
  void adviceForACoverThatIsCutCountsHeatUpToTheCut() {
    keep(0, TestFarm.cover("DRILL", "EARLY_SPRAY", "buckwheat", 1));
    Map<String, Object> ask =
        Map.of(
            "fieldId",
            field,
            "goals",
            Map.of("FEED_CATTLE", 1),
            "ways",
            List.of("DRILL"),
            "termination",
            "EARLY_SPRAY",
            "mostSpecies",
            1);
    assertThat(reasons(ask, "annual-ryegrass")).contains("in time in 100 %");
    // Eleven days of July and August are some 400 °F-days: half of what ryegrass wants, not
    // nothing.
    cut("2026-08-05", "FORAGE_CUT");
    assertThat(reasons(ask, "annual-ryegrass")).contains("late, little cover");
  }

  private static String reasons(Map<String, Object> ask, String species) {
    for (JsonNode option : planner.post("/api/v1/advice", ask).json().path("ranked")) {
      if (option.path("members").get(0).path("species").asString().equals(species)) {
        return option.path("reasons").toString();
      }
    }
    return "not ranked";
  }

  @Test
  void anyOtherCropGoesByItsNameAndItsDates() {
    crop(Map.of("kind", "OTHER", "name", "Peas", "planted", "2026-03-20", "harvest", "2026-06-28"));
    assertThat(cover(0).path("crop").asString()).isEqualTo("Peas");
    Caller.Answer dateless =
        planner.post(
            "/api/v1/fields/" + field + "/crops",
            Map.of("kind", "OTHER", "name", "Beets", "planted", "2026-04-02"));
    assertThat(dateless.status()).isEqualTo(400);
    assertThat(dateless.text()).contains("harvest date is missing");
    assertThat(
            planner
                .post(
                    "/api/v1/fields/" + field + "/crops",
                    Map.of("kind", "FREE_GROUND", "planted", "2026-04-02", "harvest", "2026-05-02"))
                .text())
        .contains("crop is one that is planted");
  }

  @Test
  void discPassesAndSlurryAreJobsThatWaitAndAreLogged() {
    Map<String, Object> discs = TestFarm.cover("DISC_PASSES", "EARLY_SPRAY", "cereal-rye", 1);
    discs.put("discPasses", 2);
    discs.put("slurryOver", true);
    keep(0, discs);
    String disc = SeedingFarm.machine(planner, "Test disc", "DISC_PASSES", 4);
    assertThat(jobs())
        .extracting(j -> j.path("id").path("operation").asString())
        .containsExactly("HARVEST", "FIRST_DISC", "SEED", "SLURRY", "SPRAY");
    Plans.board(planner);
    JsonNode first = jobs().get(1);
    JsonNode sowing = jobs().get(2);
    assertThat(first.path("words").asString()).isEqualTo("shallow disc pass");
    LocalDate disced = lastDay(first);
    LocalDate sown = firstDay(sowing);
    assertThat(sown).isBetween(disced.plusDays(5), disced.plusDays(10));
    Caller.Answer early =
        planner.post(
            "/api/v1/dispatch/what-if",
            Map.of(
                "job", sowing.path("id"),
                "machineId", disc,
                "day", disced.plusDays(1).toString()));
    assertThat(early.status()).isEqualTo(400);
    assertThat(early.text()).contains("comes first, with its wait");
    log("DISCED", "2026-07-24", Map.of("machineId", disc));
    assertThat(jobs())
        .extracting(j -> j.path("id").path("operation").asString())
        .containsExactly("SEED", "SLURRY", "SPRAY");
    log("SEEDED", "2026-07-25", Map.of());
    assertThat(
            planner
                .post("/api/v1/log", Map.of("fieldId", field, "kind", "DISCED", "on", "2026-07-25"))
                .text())
        .contains("disc passes come before");
    log("SLURRY_SPREAD", "2026-07-25", Map.of());
    assertThat(jobs())
        .extracting(j -> j.path("id").path("operation").asString())
        .containsExactly("SPRAY");
    planner.delete("/api/v1/machines/" + disc);
  }

  private static LocalDate firstDay(JsonNode job) {
    return LocalDate.parse(job.path("place").path("days").get(0).path("day").asString());
  }

  private static LocalDate lastDay(JsonNode job) {
    JsonNode days = job.path("place").path("days");
    return LocalDate.parse(days.get(days.size() - 1).path("day").asString());
  }
}
