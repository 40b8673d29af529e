package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who does the work: what drivers say, and a hired crew's list by its private word. */
@ExtendWith(RunningServer.class)
class CrewTest {
  private static Caller planner;
  private static Caller driver;
  private static Caller stranger;
  private static JsonNode board;

  /** Placed jobs of which no test has spoken yet: each takes one of its own. */
  private static final Deque<JsonNode> UNTOUCHED = new ArrayDeque<>();

  @BeforeAll
  static void aPlannedFarm() {
    RunningServer.bean(DemoFarm.class)
        .build("Crew Farm", "crew@board.example", "crewop@board.example", 28);
    planner = new Caller(RunningServer.address()).signIn("crew@board.example", DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    driver = new Caller(RunningServer.address()).signIn("crewop@board.example", DemoFarm.PASSWORD);
    stranger = new Caller(RunningServer.address());
    board = Plans.board(planner);
    for (JsonNode job : board.path("jobs")) {
      if (job.has("place") && job.path("acres").asDouble() > 30) {
        UNTOUCHED.add(job);
      }
    }
  }

  private static JsonNode placed() {
    return UNTOUCHED.remove();
  }

  private static List<JsonNode> saidOf(JsonNode job) {
    List<JsonNode> said = new ArrayList<>();
    planner
        .get("/api/v1/dispatch")
        .json()
        .path("said")
        .forEach(
            s -> {
              if (s.path("job").equals(job.path("id"))) {
                said.add(s);
              }
            });
    return said;
  }

  private static JsonNode again(JsonNode job) {
    for (JsonNode now : planner.get("/api/v1/dispatch").json().path("jobs")) {
      if (now.path("id").equals(job.path("id"))) {
        return now;
      }
    }
    throw new AssertionError("the job is gone");
  }

  private static Map<String, Object> report(JsonNode job, String kind) {
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID());
    form.put("job", job.path("id"));
    form.put("kind", kind);
    return form;
  }

  private static Map<String, Object> report(JsonNode job, String kind, String what, Object value) {
    Map<String, Object> form = report(job, kind);
    form.put(what, value);
    return form;
  }

  private static void said(Caller.Answer answer) {
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
  }

  @Test
  void whatADriverSaysStandsOnTheBoardAndTheRestIsPlanned() {
    JsonNode job = placed();
    double acres = job.path("acres").asDouble();
    said(driver.post("/api/v1/reports", report(job, "ACCEPTED")));
    assertThat(again(job).path("doing").path("agreed").isMissingNode()).isFalse();
    said(driver.post("/api/v1/reports", report(job, "STARTED")));
    assertThat(again(job).path("doing").path("under").asBoolean()).isTrue();
    // It goes on where it is; nobody can carry it off meanwhile.
    Map<String, Object> move = new HashMap<>();
    move.put("machineId", job.path("place").path("machineId").asString());
    move.put("day", "2026-10-20");
    move.put("locked", true);
    move.put("acceptLate", true);
    move.put("version", again(job).path("place").path("version").asLong());
    String path =
        "/api/v1/dispatch/jobs/%s/%s"
            .formatted(
                job.path("id").path("cover").asString(),
                job.path("id").path("operation").asString());
    assertThat(planner.put(path, move).text()).contains("is under way");
    Map<String, Object> stopped = report(job, "STOPPED", "acres", 22);
    said(driver.post("/api/v1/reports", stopped));
    said(driver.post("/api/v1/reports", stopped));
    JsonNode then = again(job);
    assertThat(then.path("acres").asDouble()).isCloseTo(acres - 22, within(1e-6));
    assertThat(then.path("doing").path("acresDone").asDouble()).isEqualTo(22);
    assertThat(then.path("doing").path("under").asBoolean()).isFalse();
    assertThat(saidOf(job))
        .extracting(s -> s.path("kind").asString())
        .containsExactly("ACCEPTED", "STARTED", "STOPPED");
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    JsonNode job = placed();
    assertThat(driver.post("/api/v1/reports", report(job, "STOPPED")).text())
        .contains("how many acres");
    assertThat(driver.post("/api/v1/reports", report(job, "STOPPED", "acres", 9_000)).text())
        .contains("acres done are 0 to ");
    assertThat(driver.post("/api/v1/reports", report(job, "PROBLEM")).text())
        .contains("what the problem is");
    assertThat(driver.post("/api/v1/reports", report(job, "PROPOSED", "day", "2026-09-01")).text())
        .contains("day is 2026-10-01 to ");
    assertThat(again(job).has("doing")).isFalse();
  }

  @Test
  void aProblemKeepsItsPicture() {
    JsonNode job = placed();
    Map<String, Object> problem = report(job, "PROBLEM", "words", "boom hose burst");
    said(driver.post("/api/v1/reports", problem));
    String photo = "/api/v1/reports/" + problem.get("id") + "/photo";
    said(driver.upload(photo, "p.jpg", LooksApiTest.picture(8, 6)));
    assertThat(planner.bytes(photo)).isNotEmpty();
    assertThat(driver.upload(photo, "p.jpg", "no picture".getBytes(StandardCharsets.UTF_8)).text())
        .contains("no JPEG");
    JsonNode said = saidOf(job).get(0);
    assertThat(said.path("words").asString()).isEqualTo("boom hose burst");
    assertThat(said.path("photo").asBoolean()).isTrue();
  }

  @Test
  void aHiredCrewSeesItsListAloneAndAnswers() {
    JsonNode job = placed();
    String machine = job.path("place").path("machineId").asString();
    JsonNode made =
        planner.post("/api/v1/crews", Map.of("machineId", machine, "until", "2026-10-31")).json();
    String list = "/api/v1/crew/" + made.path("word").asString();
    JsonNode seen = stranger.get(list).json();
    int own = 0;
    for (JsonNode each : board.path("jobs")) {
      own += each.path("place").path("machineId").asString().equals(machine) ? 1 : 0;
    }
    assertThat(seen.path("jobs").size()).isEqualTo(own).isPositive();
    Caller.Answer proposed =
        stranger.post(list + "/reports", report(job, "PROPOSED", "day", "2026-10-09"));
    said(proposed);
    assertThat(again(job).path("doing").path("proposed").asString()).isEqualTo("2026-10-09");
    said(stranger.post(list + "/reports", report(job, "ACCEPTED")));
    Map<String, Object> over = report(job, "STOPPED", "acres", 12.5);
    over.put("pounds", 700);
    said(stranger.post(list + "/reports", over));
    assertThat(again(job).path("doing").path("acresDone").asDouble()).isEqualTo(12.5);
    JsonNode last = saidOf(job).get(2);
    assertThat(last.path("pounds").asDouble()).isEqualTo(700);
    // Another machine's job is not its business.
    for (JsonNode each : board.path("jobs")) {
      if (each.has("place") && !each.path("place").path("machineId").asString().equals(machine)) {
        Caller.Answer refused = stranger.post(list + "/reports", report(each, "STARTED"));
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.text()).doesNotContain(each.path("field").asString());
        own = -1;
        break;
      }
    }
    assertThat(own).as("another machine has work").isEqualTo(-1);
  }

  /** Nothing of a field that is not on the list: no page, no name, no trouble. */
  @Test
  void aCrewsWorkOrdersAreOfItsListAlone() {
    JsonNode drill = null;
    for (JsonNode machine : board.path("machines")) {
      drill = machine.path("kind").asString().equals("DRILL") ? machine : drill;
    }
    assertThat(drill).isNotNull();
    JsonNode made =
        planner
            .post(
                "/api/v1/crews",
                Map.of("machineId", drill.path("id").asString(), "until", "2026-10-31"))
            .json();
    String list = "/api/v1/crew/" + made.path("word").asString();
    List<String> own = new ArrayList<>();
    stranger.get(list).json().path("jobs").forEach(j -> own.add(j.path("field").asString()));
    String paper = text(stranger.bytes(list + "/work-orders.pdf"));
    int others = 0;
    for (JsonNode entry : planner.get("/api/v1/fields").json()) {
      String name = entry.path("field").path("name").asString();
      if (!own.contains(name)) {
        assertThat(paper).as(name + " is not the crew's").doesNotContain(name);
        others++;
      }
    }
    assertThat(others).isPositive();
    for (JsonNode job : board.path("jobs")) {
      if (!job.has("place")) {
        Caller.Answer unplaced = stranger.post(list + "/reports", report(job, "STARTED"));
        assertThat(unplaced.status()).isEqualTo(404);
        assertThat(unplaced.text()).doesNotContain(job.path("field").asString());
      }
    }
  }

  private static String text(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    } catch (java.io.IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** A crew's forty are its own: the farm's people still say what they have to. */
  @Test
  void aCrewCannotUseUpTheFarmsReports() {
    JsonNode job = placed();
    String machine = job.path("place").path("machineId").asString();
    JsonNode made =
        planner.post("/api/v1/crews", Map.of("machineId", machine, "until", "2026-10-31")).json();
    String list = "/api/v1/crew/" + made.path("word").asString();
    int said = 0;
    Caller.Answer last = stranger.post(list + "/reports", report(job, "ACCEPTED"));
    while (last.status() == 200 && said < 60) {
      said++;
      last = stranger.post(list + "/reports", report(job, "ACCEPTED"));
    }
    assertThat(said).isEqualTo(40);
    assertThat(last.text()).contains("at most 40 reports");
    said(driver.post("/api/v1/reports", report(job, "STARTED")));
  }

  @Test
  void outlinesAreReadBackAsTheyWere() {
    JsonNode job = null;
    for (JsonNode each : board.path("jobs")) {
      job = each.has("place") && each.path("settledBy").asString().equals("SEEDED") ? each : job;
    }
    assertThat(job).as("a sowing that has a place").isNotNull();
    String machine = job.path("place").path("machineId").asString();
    String word =
        planner
            .post("/api/v1/crews", Map.of("machineId", machine, "until", "2026-10-31"))
            .json()
            .path("word")
            .asString();
    String list = "/api/v1/crew/" + word;
    int fields = 0;
    double acres = 0;
    for (JsonNode feature : stranger.get(list + "/fields.geojson").json().path("features")) {
      fields++;
      acres += feature.path("properties").path("acres").asDouble();
    }
    assertThat(fields).isPositive();
    Caller empty = new Caller(RunningServer.address()).ownFarm();
    for (String file : List.of("fields.geojson", "fields.kml", "fields.zip")) {
      JsonNode read =
          empty.upload("/api/v1/exchange/fields", file, stranger.bytes(list + "/" + file)).json();
      assertThat(read.path("good").asInt()).as(file).isEqualTo(fields);
      assertThat(read.path("acres").asDouble()).as(file).isCloseTo(acres, within(0.5));
    }
    assertThat(new String(stranger.bytes(list + "/work-orders.pdf"), StandardCharsets.ISO_8859_1))
        .startsWith("%PDF");
  }

  @Test
  void aLinkOpensNothingOnceItsDayIsGoneOrItIsTakenBack() {
    String machine = placed().path("place").path("machineId").asString();
    assertThat(
            planner
                .post("/api/v1/crews", Map.of("machineId", machine, "until", "2026-09-01"))
                .text())
        .contains("last day is 2026-10-01 to ");
    JsonNode made =
        planner.post("/api/v1/crews", Map.of("machineId", machine, "until", "2026-10-02")).json();
    String list = "/api/v1/crew/" + made.path("word").asString();
    assertThat(stranger.get(list).status()).isEqualTo(200);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-03"));
    assertThat(stranger.get(list).status()).isEqualTo(404);
    assertThat(stranger.get(list).text()).contains("ask the farm for a new link");
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-02"));
    assertThat(stranger.get(list).status()).isEqualTo(200);
    planner.delete("/api/v1/crews/" + made.path("id").asString());
    assertThat(stranger.get(list).status()).isEqualTo(404);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    assertThat(stranger.get("/api/v1/crew/nonsense").status()).isEqualTo(404);
  }
}
